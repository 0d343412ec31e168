//! The JSON schemas in `docs/`, made from the types that are written as JSON.

use crate::commands::drill::Drilled;
use crate::commands::narrow::Printed;
use crate::observing::Line;
use crate::show::json::{Crashes, Watched};
use erratum_learn::journal::Summary;
use erratum_learn::sealed::Sheet;
use erratum_repair::structure::Structure;
use erratum_repair::verdict::Verdict;
use erratum_survey::Record;
use schemars::generate::SchemaSettings;
use schemars::{JsonSchema, Schema};
use std::fs;
use std::path::Path;

/// Makes a test write the schemas.
const WRITE: &str = "ERRATUM_WRITE_SCHEMAS";

/// What holds of all places.
const PLACES: &str = "Lines and columns count from 1, columns in Unicode characters; ends are \
                      exclusive. Fields may be added, not changed.";

fn schema<T: JsonSchema>(title: &str) -> Schema {
    let mut schema =
        SchemaSettings::draft2020_12().for_serialize().into_generator().into_root_schema_for::<T>();
    let object = schema.ensure_object();
    let said = object.get("description").and_then(|text| text.as_str()).unwrap_or("").to_owned();
    object.insert("title".into(), title.into());
    object.insert("description".into(), format!("{said} {PLACES}").trim_start().into());
    schema
}

#[test]
fn the_schemas_in_the_docs_are_those_of_the_types() {
    let all = [
        ("verdict", schema::<Verdict>("What `look --json` and `read --json` print")),
        ("watched", schema::<Watched>("One look of `watch --json`: one line for each")),
        ("crash", schema::<Crashes>("What `read --json` prints for a program that stopped")),
        ("narrowed", schema::<Printed>("What `narrow --json` prints")),
        ("drilled", schema::<Drilled>("What `drill --check --json` prints")),
        ("journal", schema::<Summary>("What `journal --json` prints")),
        ("survey", schema::<Record>("One line of what `survey --json` prints")),
        ("exercise", schema::<Sheet>("What `drill --json` prints")),
        ("structure", schema::<Structure>("What `pairs --json` prints")),
        ("trace", schema::<Line>("One line of what `--trace` writes")),
    ];
    let folder = Path::new(env!("CARGO_MANIFEST_DIR")).join("../../docs");
    for (name, schema) in all {
        let path = folder.join(format!("{name}.schema.json"));
        let text = serde_json::to_string_pretty(&schema).unwrap() + "\n";
        if std::env::var_os(WRITE).is_some() {
            fs::write(&path, text).unwrap();
        } else {
            let there = fs::read_to_string(&path).unwrap();
            assert!(
                text == there,
                "{name}.schema.json is not current: run this test with {WRITE}=1"
            );
        }
    }
}
