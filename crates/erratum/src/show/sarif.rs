//! A verdict in SARIF 2.1.0, the open form in which tools hand on what they found in a program.
//!
//! Each mistake is a result at its own place, with its kind as the rule. Where the compiler points, and
//! what only follows, are related places: they are no results of their own, and nothing is called
//! suppressed, since that word is for what a person decides. Columns count Unicode characters.

use crate::failure::Failure;
use erratum_catalogue::Catalogue;
use erratum_repair::fixes::Certainty;
use erratum_repair::message::Place;
use erratum_repair::verdict::{Fix, Root, Told, Verdict};
use percent_encoding::{AsciiSet, NON_ALPHANUMERIC, utf8_percent_encode};
use serde_sarif::sarif as form;
use std::collections::BTreeMap;
use std::io::Write;

/// Where the standard's own schema lies.
const SCHEMA: &str = "https://json.schemastore.org/sarif-2.1.0.json";

/// What stands in a path as it is; all else is written as `%` and its number.
const IN_PATH: &AsciiSet =
    &NON_ALPHANUMERIC.remove(b'/').remove(b'.').remove(b'-').remove(b'_').remove(b'~');

/// Writes what is known of a program.
///
/// # Errors
/// When it cannot be written.
pub fn show(out: &mut impl Write, catalogue: &Catalogue, verdict: &Verdict) -> Result<(), Failure> {
    writeln!(out, "{}", super::json::text(&log(catalogue, verdict))?)?;
    Ok(())
}

fn log(catalogue: &Catalogue, verdict: &Verdict) -> form::Sarif {
    let mut kinds: BTreeMap<&str, i64> =
        verdict.roots.iter().map(|r| (r.mistake.as_str(), 0)).collect();
    kinds.values_mut().zip(0..).for_each(|(index, number)| *index = number);
    let rules: Vec<form::ReportingDescriptor> =
        kinds.keys().map(|kind| rule(catalogue, verdict, kind)).collect();
    let results: Vec<form::Result> = verdict
        .roots
        .iter()
        .map(|root| result(verdict, root, kinds[root.mistake.as_str()]))
        .collect();
    whole(run(rules, results))
}

/// A run of Erratum with these kinds and mistakes.
pub(super) fn run(rules: Vec<form::ReportingDescriptor>, results: Vec<form::Result>) -> form::Run {
    let driver = form::ToolComponent::builder()
        .name("Erratum")
        .semantic_version(env!("CARGO_PKG_VERSION"))
        .rules(rules)
        .build();
    form::Run::builder()
        .tool(form::Tool::builder().driver(driver).build())
        .column_kind(serde_json::json!("unicodeCodePoints"))
        .results(results)
        .build()
}

/// The whole log of one run.
pub(super) fn whole(run: form::Run) -> form::Sarif {
    form::Sarif::builder()
        .schema(SCHEMA)
        .version(serde_json::json!("2.1.0"))
        .runs(vec![run])
        .build()
}

/// A kind of mistake.
fn rule(catalogue: &Catalogue, verdict: &Verdict, kind: &str) -> form::ReportingDescriptor {
    let entry = catalogue.entry(kind);
    let root = verdict.roots.iter().find(|root| root.mistake == kind);
    // What has no entry is told by what is said of the first mistake of the kind.
    let of_root =
        |text: fn(&Root) -> &String| root.map_or(String::new(), |root| text(root).clone());
    let short = entry.map_or_else(|| of_root(|root| &root.title), |entry| entry.general.clone());
    let advice = of_root(|root| &root.advice);
    let mut descriptor =
        form::ReportingDescriptor::builder().id(kind).short_description(many(&short)).build();
    if !advice.is_empty() {
        descriptor.help = Some(many(&advice));
    }
    descriptor
}

pub(super) fn many(text: &str) -> form::MultiformatMessageString {
    form::MultiformatMessageString::builder().text(text).build()
}

fn result(verdict: &Verdict, root: &Root, rule: i64) -> form::Result {
    let said = |id: &usize| verdict.message(*id);
    let told = root.messages.iter().chain(&root.follows).filter_map(said);
    let related: Vec<form::Location> =
        told.filter(|told| told.at.as_ref() != Some(&root.at)).filter_map(reported).collect();
    let text = match root.meaning.is_empty() {
        true => root.title.clone(),
        false => format!("{}. {}", root.title, root.meaning),
    };
    let mut result = form::Result::builder()
        .rule_id(&root.mistake)
        .rule_index(rule)
        .level(if root.warning { form::ResultLevel::Warning } else { form::ResultLevel::Error })
        .message(form::Message::builder().text(text).build())
        .locations(vec![location(&root.at, None)])
        .build();
    if !related.is_empty() {
        result.related_locations = Some(related);
    }
    let fixes: Vec<form::Fix> = root.fixes.iter().map(fix).collect();
    if !fixes.is_empty() {
        result.fixes = Some(fixes);
    }
    result
}

/// Where the compiler points, and what it says there.
fn reported(told: &Told) -> Option<form::Location> {
    Some(location(told.at.as_ref()?, Some(&told.text)))
}

fn location(at: &Place, says: Option<&str>) -> form::Location {
    let physical = form::PhysicalLocation::builder()
        .artifact_location(artifact(&at.file))
        .region(region(at))
        .build();
    let mut location = form::Location::builder().physical_location(physical).build();
    location.message = says.map(|text| form::Message::builder().text(text).build());
    location
}

pub(super) fn artifact(file: &str) -> form::ArtifactLocation {
    let path = file.replace('\\', "/");
    // A path of the whole machine is one only with its scheme.
    let start = if path.starts_with('/') { "file://" } else { "" };
    let uri = format!("{start}{}", utf8_percent_encode(&path, IN_PATH));
    form::ArtifactLocation::builder().uri(uri).build()
}

fn region(at: &Place) -> form::Region {
    form::Region::builder()
        .start_line(i64::from(at.line))
        .start_column(i64::from(at.column))
        .end_line(i64::from(at.end_line))
        .end_column(i64::from(at.end_column))
        .build()
}

/// A change, with how far it is to be believed.
fn fix(fix: &Fix) -> form::Fix {
    let mut files: BTreeMap<&str, Vec<form::Replacement>> = BTreeMap::new();
    for change in &fix.edits {
        let content = form::ArtifactContent::builder().text(&change.text).build();
        let replacement = form::Replacement::builder()
            .deleted_region(region(&change.at))
            .inserted_content(content)
            .build();
        files.entry(&change.at.file).or_default().push(replacement);
    }
    let changes = files.into_iter().map(|(file, replacements)| {
        form::ArtifactChange::builder()
            .artifact_location(artifact(file))
            .replacements(replacements)
            .build()
    });
    let certain = match fix.certainty {
        Certainty::Sure => "sure",
        Certainty::Guess => "a guess",
    };
    let text = format!("{} ({certain})", fix.title);
    form::Fix::builder()
        .description(form::Message::builder().text(text).build())
        .artifact_changes(changes.collect::<Vec<_>>())
        .build()
}
