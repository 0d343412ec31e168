//! The forms that came with later versions of the languages.

use crate::newer::{Newer, Only, form, form_in, told};

/// What a class of C# is declared with.
const TYPES: &[&str] = &["class", "struct", "interface", "enum", "namespace", "record"];

/// Statements of a file that has no class around them.
const NO_CLASS: Only = Only::Outside(TYPES);

/// What mcs 6.8 says of a function within a method.
const NO_VALUE: &str = "expecting ',', ';', or '='";

/// mcs 6.8 knows C# 7, without functions within methods.
pub(super) const CSHARP: &[Newer] = &[
    told("C# 7", &["@name", "@(", "=>"], NO_VALUE),
    told("C# 7", &["@name", "@(", "{"], NO_VALUE),
    form("C# 8", &["switch", "@{"]),
    form("C# 8", &["using", "var"]),
    form("C# 8", &["??="]),
    form("C# 8", &["??", "="]),
    form("C# 8", &["[", "^", "@number"]),
    form("C# 8", &["[", "@number", ".."]),
    form("C# 8", &["[", ".."]),
    form_in("C# 8", &["string", "?"], Only::Behind(MODIFIERS)),
    form_in("C# 8", &["object", "?"], Only::Behind(MODIFIERS)),
    form("C# 9", &["record", "@name"]),
    form_in("C# 9", &["init", ";"], Only::Behind(&[";", "{", "private", "protected", "internal"])),
    form_in("C# 9", &["new", "@("], Only::Behind(&["=", "(", ",", "return", "=>"])),
    form("C# 9", &["is", "not"]),
    form_in("C# 9", &["var", "@name", "="], NO_CLASS),
    form_in("C# 9", &["foreach", "("], NO_CLASS),
    form_in("C# 9", &["for", "("], NO_CLASS),
    form_in("C# 9", &["if", "("], NO_CLASS),
    form_in("C# 9", &["while", "("], NO_CLASS),
    form_in("C# 9", &["Console", "."], NO_CLASS),
    form("C# 10", &["namespace", "@names", ";"]),
    form("C# 10", &["global", "using"]),
    form_in("C# 11", &["required", "@name"], Only::Behind(MODIFIERS)),
    form_in("C# 12", &["[", "@number", ","], Only::Behind(&["="])),
    form_in("C# 12", &["[", "@text", ","], Only::Behind(&["="])),
    form_in("C# 12", &["[", "]"], Only::Behind(&["="])),
    form("C# 12", &["class", "@name", "@("]),
];

const MODIFIERS: &[&str] = &["public", "private", "protected", "internal", "static", "(", ",", ">"];

pub(super) const JAVA: &[Newer] = &[
    form("Java 10", &["var", "@name", "="]),
    form("Java 14", &["case", "@name", "->"]),
    form("Java 14", &["case", "@number", "->"]),
    form("Java 14", &["case", "@text", "->"]),
    form("Java 16", &["record", "@name", "@("]),
    form("Java 16", &["instanceof", "@name", "@name"]),
    form("Java 17", &["sealed", "@name", "@name"]),
    form("Java 21", &["instanceof", "@name", "@("]),
    form("Java 21", &["case", "@name", "@name", "->"]),
    form("Java 21", &["case", "@name", "@name", "when"]),
    form("Java 21", &["case", "@name", "@(", "->"]),
    form_in(
        "Java 25",
        &["void", "main", "@("],
        Only::Outside(&["class", "interface", "enum", "record"]),
    ),
    told("Java 21", &["getFirst", "(", ")"], "find symbol"),
    told("Java 21", &["getLast", "(", ")"], "find symbol"),
    told("Java 21", &["removeFirst", "(", ")"], "find symbol"),
    told("Java 21", &["removeLast", "(", ")"], "find symbol"),
    told("Java 21", &["reversed", "(", ")"], "find symbol"),
    told("Java 16", &["toList", "(", ")"], "find symbol"),
];

/// What go 1.19 says of them.
const NO_PACKAGE: &str = "is not in ";

pub(super) const GO: &[Newer] = &[
    told("Go 1.22", &["range", "@number"], "cannot range over"),
    told("Go 1.22", &["range", "@names"], "int)"),
    told("Go 1.22", &["range", "len", "@("], "cannot range over"),
    told("Go 1.21", &["min", "("], "undefined"),
    told("Go 1.21", &["max", "("], "undefined"),
    told("Go 1.21", &["clear", "("], "undefined"),
    told("Go 1.21", &["\"slices\""], NO_PACKAGE),
    told("Go 1.21", &["\"maps\""], NO_PACKAGE),
    told("Go 1.21", &["\"cmp\""], NO_PACKAGE),
    told("Go 1.21", &["\"log/slog\""], NO_PACKAGE),
    told("Go 1.22", &["\"math/rand/v2\""], NO_PACKAGE),
    told("Go 1.23", &["\"iter\""], NO_PACKAGE),
];

/// scalac 2 knows none of them.
pub(super) const SCALA: &[Newer] = &[
    form("Scala 3", &["enum", "@name"]),
    form("Scala 3", &["@", "main"]),
    form_in("Scala 3", &["if"], Only::Before("then", &[])),
    form_in("Scala 3", &["while"], Only::Before("do", &["("])),
    form_in("Scala 3", &["for"], Only::Before("do", &["(", "{"])),
    form_in("Scala 3", &["object", "@name", ":"], Only::LineEnd),
    form_in("Scala 3", &["class", "@name", ":"], Only::LineEnd),
    form_in("Scala 3", &["class", "@name", "@(", ":"], Only::LineEnd),
    form_in("Scala 3", &["trait", "@name", ":"], Only::LineEnd),
    form("Scala 3", &["match", "case"]),
    form("Scala 3", &["extension", "@("]),
    form("Scala 3", &["given", "@name"]),
    form("Scala 3", &["(", "using"]),
    form("Scala 3", &["opaque", "type"]),
    form_in("Scala 3", &["def", "@name"], Only::Outside(&["object", "class", "trait", "}"])),
];

pub(super) const CPP: &[Newer] = &[
    form("C++20", &["concept", "@name", "="]),
    form("C++20", &["consteval"]),
    form("C++20", &["constinit"]),
    form("C++20", &["co_await"]),
    form("C++20", &["co_yield"]),
    form("C++20", &["co_return"]),
    form("C++20", &["using", "enum"]),
    told("C++20", &["<=>"], "<=>"),
    told("C++20", &["std", "::", "format"], "not a member"),
    told("C++20", &["#include <format>"], "No such file"),
    form("C++23", &["import", "@name", ";"]),
    form("C++23", &["std", "::", "println"]),
    form("C++23", &["std", "::", "print"]),
    told("C++23", &["#include <print>"], "No such file"),
    told("C++23", &["#include <expected>"], "No such file"),
    told("C++23", &["#include <generator>"], "No such file"),
    told("C++23", &["#include <flat_map>"], "No such file"),
];

/// A variable that is declared among statements: fpc 3.2 knows none.
pub(super) const PASCAL: &[Newer] =
    &[form("Delphi 10.3", &["var", "@name", ":="]), form("Delphi 10.3", &["for", "var", "@name"])];
