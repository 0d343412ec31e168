//! The compiler of the JDK.

use super::jvm::{FLAGS, Jvm};
use super::{Kind, Stays};
use crate::resident::{self, Host, Prepare, Work};
use erratum_syntax::newer;
use std::path::{Path, PathBuf};
use std::process::Command;

pub(super) static JAVAC: Kind = Kind {
    name: "javac",
    knows: |version| Some(newer::version(version)),
    language: "java",
    version: &["-version"],
    install: "Install a JDK: on Debian and Ubuntu `apt install default-jdk-headless`.",
    note: "kept running for the length of a command",
    check: &[
        "-J-Duser.language=en",
        "-J-Xmx512m",
        "-proc:none",
        "-implicit:none",
        "-Xlint",
        "-Xmaxerrs",
        "100000",
        "-d",
        ".",
    ],
    stays: Some(Stays::Helper(&HOST)),
    wants_encoding: true,
    wants_source_path: true,
    ..super::PLAIN
};

static HOST: Host = Host {
    file: "Resident.java",
    source: concat!(
        include_str!("../resident/Resident.java"),
        include_str!("../resident/Serve.java")
    ),
    command,
    prepare: Some(Prepare {
        what: "the start of javac",
        flags: FLAGS,
        with: None,
        from: |javac| Ok(jvm(javac).files()),
        make: |javac, helper, folder| jvm(javac).prepare(helper, SAMPLES, folder),
    }),
    packages: true,
    ..resident::PLAIN
};

fn command(javac: &Path, work: &Work) -> Result<Command, String> {
    Ok(jvm(javac).command(work))
}

fn jvm(javac: &Path) -> Jvm {
    let java = javac.with_file_name(if cfg!(windows) { "java.exe" } else { "java" });
    let export = Some("jdk.compiler/com.sun.tools.javac.api");
    Jvm { java, libraries: Vec::<PathBuf>::new(), export, own: None }
}

/// What is checked to see which classes a check needs: one program with an error of its syntax, the
/// others with errors of names and types.
const SAMPLES: &[(&str, &str)] = &[
    ("Quay.java", "class Quay {\n    int berths = 3\n}\n"),
    (
        "Ferry.java",
        "import java.util.ArrayList;\nimport java.util.HashMap;\nimport java.util.List;\n\
         import java.util.Map;\n\npublic class Ferry {\n    enum Tide { LOW, HIGH }\n\n\
         \x20   interface Fare { double of(int seats); }\n\n\
         \x20   private final Map<String, Integer> seats = new HashMap<>();\n\n\
         \x20   List<String> names(Tide tide) throws Exception {\n\
         \x20       List<String> all = new ArrayList<>();\n\
         \x20       for (Map.Entry<String, Integer> one : seats.entrySet()) {\n\
         \x20           if (one.getValue() > 3 && tide == Tide.HIGH) all.add(one.getKey() + \"!\");\n\
         \x20       }\n        Fare fare = count -> count * 1.5;\n\
         \x20       try { fare.of(2); } catch (RuntimeException lost) { throw lost; }\n\
         \x20       return seats.keySet().stream().map(String::trim).toList();\n    }\n\n\
         \x20   int count() {\n        String text = 3;\n        return tdie.lenght();\n    }\n}\n",
    ),
    ("Lock.java", include_str!("../resident/samples/Lock.java")),
    ("Sluice.java", include_str!("../resident/samples/Sluice.java")),
];
