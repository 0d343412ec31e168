//! The JSON, held against its published schema.

mod support;

use serde_json::Value;
use support::{Folder, SOUND, TIDE};

fn check(text: &str) -> Value {
    let schema: Value =
        serde_json::from_str(include_str!("../../../docs/verdict.schema.json")).unwrap();
    let value: Value = serde_json::from_str(text).unwrap();
    let validator = jsonschema::validator_for(&schema).unwrap();
    let wrong: Vec<String> = validator.iter_errors(&value).map(|error| error.to_string()).collect();
    assert!(wrong.is_empty(), "{wrong:?}");
    value
}

#[test]
fn real_output_satisfies_the_schema() {
    let folder = Folder::new();
    folder.write("tide.c", TIDE).write("sound.c", SOUND);
    let hidden = "fn main() {\n    let tide = 3\n    println!(\"{}\", tdie);\n}\n";
    folder.write("tide.rs", hidden).write("log", "x.c:3:4: error: odd\n");
    check(&folder.run(&["look", "--json", "sound.c"]).stdout);
    check(&folder.run(&["look", "--json", "--no-proof", "tide.c"]).stdout);
    check(&folder.run(&["read", "--json", "log"]).stdout);
    let value = check(&folder.run(&["look", "--json", "tide.c"]).stdout);
    assert_eq!(value["build"]["compiler"], "gcc");
    assert_eq!(value["roots"][0]["mistake"], "missing-terminator");
    assert_eq!(value["roots"][0]["fixes"][0]["edits"][0]["text"], ";");
    assert_eq!(value["roots"][0]["fixes"][0]["edits"][0]["column"], 17);
    let value = check(&folder.run(&["look", "--json", "tide.rs"]).stdout);
    assert_eq!(value["roots"].as_array().unwrap().len(), 2);
}

#[test]
fn the_schema_refuses_what_is_not_a_verdict() {
    let schema: Value =
        serde_json::from_str(include_str!("../../../docs/verdict.schema.json")).unwrap();
    let validator = jsonschema::validator_for(&schema).unwrap();
    assert!(
        !validator.is_valid(&serde_json::json!({"schema": "erratum/verdict/1", "messages": []}))
    );
}

#[test]
fn a_crash_satisfies_its_schema() {
    let schema: Value =
        serde_json::from_str(include_str!("../../../docs/crash.schema.json")).unwrap();
    let validator = jsonschema::validator_for(&schema).unwrap();
    let folder = Folder::new();
    let mut deep = "Exception in thread \"main\" java.lang.StackOverflowError\n".to_owned();
    (0..40).for_each(|_| deep.push_str("\tat Ferry.again(Ferry.java:5)\n"));
    for log in [deep.as_str(), "panic: all goroutines are asleep\n"] {
        folder.write("log", log);
        let ran = folder.run(&["read", "--json", "log"]);
        let value: Value = serde_json::from_str(&ran.stdout).unwrap();
        let wrong: Vec<String> =
            validator.iter_errors(&value).map(|error| error.to_string()).collect();
        assert!(wrong.is_empty(), "{wrong:?}");
    }
}
