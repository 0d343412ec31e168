//! C.

use super::{Asks, Projects};
use super::{ImportForm, Language, LibraryGroup, ListType, NameKind::*, Usual};

/// A header of another folder is found by its path.
pub(super) const PROJECTS: Projects = Projects {
    built_by: &[
        "Makefile",
        "makefile",
        "GNUmakefile",
        "CMakeLists.txt",
        "meson.build",
        "configure.ac",
        "compile_commands.json",
    ],
    asks: Asks::Included("include"),
    ..Projects::NONE
};

pub(super) const OPERATORS: &[&str] = &[
    "<<=", ">>=", "...", "->", "++", "--", "<<", ">>", "<=", ">=", "==", "!=", "&&", "||", "+=",
    "-=", "*=", "/=", "%=", "&=", "|=", "^=", "##",
];

/// Functions and names of the C library by header; C++ has them too.
pub(super) const LIBRARY: &[LibraryGroup] = &[
    (
        "stdio.h",
        Function,
        &[
            "printf", "scanf", "fprintf", "fscanf", "sprintf", "snprintf", "sscanf", "puts",
            "fputs", "putchar", "getchar", "fgets", "fgetc", "fopen", "fclose", "perror", "fflush",
            "rewind", "feof", "ferror", "remove", "rename", "getline", "fread", "fwrite", "fseek",
            "ftell",
        ],
    ),
    ("stdio.h", Type, &["FILE"]),
    ("stdio.h", Value, &["stdin", "stdout", "stderr", "EOF"]),
    (
        "stdlib.h",
        Function,
        &[
            "malloc", "calloc", "realloc", "free", "exit", "atoi", "atof", "atol", "strtol",
            "strtod", "rand", "srand", "qsort", "bsearch", "abs", "labs", "abort", "getenv",
        ],
    ),
    ("stdlib.h", Value, &["EXIT_SUCCESS", "EXIT_FAILURE", "RAND_MAX"]),
    (
        "string.h",
        Function,
        &[
            "strlen", "strcpy", "strncpy", "strcat", "strncat", "strcmp", "strncmp", "strchr",
            "strrchr", "strstr", "strtok", "memcpy", "memmove", "memset", "memcmp", "strdup",
        ],
    ),
    (
        "math.h",
        Function,
        &[
            "sqrt", "pow", "fabs", "floor", "ceil", "round", "sin", "cos", "tan", "log", "log10",
            "exp", "fmod", "hypot",
        ],
    ),
    ("math.h", Value, &["M_PI"]),
    (
        "ctype.h",
        Function,
        &[
            "isalpha", "isdigit", "isalnum", "isspace", "isupper", "islower", "toupper", "tolower",
            "ispunct",
        ],
    ),
    ("stdbool.h", Type, &["bool"]),
    ("stdbool.h", Value, &["true", "false"]),
    ("limits.h", Value, &["INT_MAX", "INT_MIN", "LONG_MAX", "LONG_MIN", "CHAR_BIT", "UINT_MAX"]),
    ("float.h", Value, &["DBL_MAX", "DBL_MIN", "FLT_MAX", "DBL_EPSILON"]),
    ("stddef.h", Type, &["size_t", "ptrdiff_t"]),
    ("stddef.h", Value, &["NULL"]),
    (
        "stdint.h",
        Type,
        &["int8_t", "int16_t", "int32_t", "int64_t", "uint8_t", "uint16_t", "uint32_t", "uint64_t"],
    ),
    ("time.h", Function, &["time", "clock", "difftime", "localtime", "strftime", "mktime"]),
    ("time.h", Type, &["time_t", "clock_t"]),
    ("time.h", Value, &["CLOCKS_PER_SEC"]),
    ("assert.h", Function, &["assert"]),
    ("errno.h", Value, &["errno"]),
];

pub(super) static C: Language = Language {
    id: "c",
    name: "C",
    extensions: &["c", "h"],
    projects: PROJECTS,
    usual: Usual { truth: "int", whole: "int", real: "double", text: "const char *" },
    fixed_words: &[("const", "")],
    directives: true,
    keywords: &[
        "auto", "break", "case", "char", "const", "continue", "default", "do", "double", "else",
        "enum", "extern", "float", "for", "goto", "if", "inline", "int", "long", "register",
        "restrict", "return", "short", "signed", "sizeof", "static", "struct", "switch", "typedef",
        "union", "unsigned", "void", "volatile", "while",
    ],
    types: &["char", "double", "float", "int", "long", "short", "signed", "unsigned", "void"],
    operators: OPERATORS,
    type_first: true,
    list_type: ListType::BehindName,
    declares: &[("struct", Type), ("enum", Type), ("union", Type)],
    import: ImportForm { before: "#include <", after: ">" },
    library: LIBRARY,
    prelude: &[(Function, &["main"])],
    tagged_types: true,
    member_arrow: "",
    foreign: &[
        ("equals", "=="),
        ("elsif", "else if"),
        ("otherwise", "default"),
        ("AND", "&&"),
        ("OR", "||"),
        ("NOT", "!"),
        ("boolean", "bool"),
        ("String", "char *"),
        ("string", "char *"),
        ("elif", "else if"),
        ("elseif", "else if"),
        ("function", "void"),
        ("null", "NULL"),
        ("Null", "NULL"),
        ("nil", "NULL"),
        ("None", "NULL"),
        ("True", "true"),
        ("False", "false"),
        ("integer", "int"),
        ("and", "&&"),
        ("or", "||"),
        ("not", "!"),
    ],
    defaults: &[
        ("int", "0"),
        ("long", "0"),
        ("short", "0"),
        ("unsigned", "0"),
        ("size_t", "0"),
        ("double", "0.0"),
        ("float", "0.0f"),
        ("char", "0"),
        ("bool", "false"),
    ],
    grave_warnings: GRAVE,
    ended_types: true,
    bracketed_conditions: true,
    family: "c",
    beside: &["h", "inc", "def"],
    deep: false,
    empty_value: |typed| if typed.contains('*') { "NULL" } else { "0" }.to_owned(),
    letter_quotes: true,
    codes: "gcc",
    model: include_bytes!("../../data/c.model"),
    ..super::PLAIN
};

/// gcc 12 and clang 14 only warn of these in C; the C standard, or gcc 14, calls most of them
/// errors, and the rest make a program misbehave.
pub(super) const GRAVE: &[&str] = &[
    "-Wimplicit-function-declaration",
    "-Wimplicit-int",
    "-Wint-conversion",
    "-Wincompatible-pointer-types",
    "-Wbuiltin-declaration-mismatch",
    "-Wreturn-type",
    "-Wreturn-mismatch",
    "-Wuninitialized",
    "-Wmaybe-uninitialized",
    "-Wsometimes-uninitialized",
    "-Wformat",
    "-Wformat=",
    "-Wformat-extra-args",
    "-Wformat-insufficient-args",
    "-Wparentheses",
    "-Wunused-value",
    "-Wunused-comparison",
    "-Wempty-body",
    "-Wmisleading-indentation",
    "-Wint-to-pointer-cast",
    "-Wpointer-to-int-cast",
    "-Wcomment",
];
