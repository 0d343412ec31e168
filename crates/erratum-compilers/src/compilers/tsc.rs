//! The compiler of TypeScript, run by Node.

use super::{Kind, NODE};

pub(super) static TSC: Kind = Kind {
    name: "tsc",
    language: "typescript",
    version: &["--version"],
    install: "Install Node.js, then `npm install --global typescript`.",
    note: "kept running in Node for the length of a command",
    check: &["--noEmit", "--strict", "--target", "es2022", "--pretty", "false", "--skipLibCheck"],
    stays: true,
    runs_on: Some(NODE),
    in_packages: true,
    root_is_origin: true,
    ..super::PLAIN
};
