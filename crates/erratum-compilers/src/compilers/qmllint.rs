//! The linter of QML.

use super::Kind;

pub(super) static QMLLINT: Kind = Kind {
    name: "qmllint",
    language: "qml",
    version: &["--version"],
    install: "On Debian and Ubuntu: `apt install qt6-declarative-dev-tools`.",
    note: "QML is loaded when the program runs: a clean check proves little",
    check: &["--json", "-"],
    folders: &["/usr/lib/qt6/bin", "/usr/lib/qt5/bin"],
    status_tells: false,
    ..super::PLAIN
};
