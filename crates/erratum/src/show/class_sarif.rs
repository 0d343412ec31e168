//! A class in SARIF 2.1.0: each mistake of each hand-in is a result with its kind as the rule, and what could not be
//! looked at is told beside them.

use super::sarif::{artifact, many, run, whole};
use crate::failure::Failure;
use erratum_catalogue::Catalogue;
use erratum_survey::{Mistake, Record};
use serde_sarif::sarif as form;
use std::collections::BTreeMap;
use std::io::Write;

/// Writes what is known of a class.
///
/// # Errors
/// When it cannot be written.
pub fn show(
    out: &mut impl Write,
    catalogue: &Catalogue,
    records: &[Record],
) -> Result<(), Failure> {
    writeln!(out, "{}", super::json::text(&log(catalogue, records))?)?;
    Ok(())
}

fn log(catalogue: &Catalogue, records: &[Record]) -> form::Sarif {
    let all =
        || records.iter().flat_map(|record| record.mistakes.iter().map(move |one| (record, one)));
    let mut kinds: BTreeMap<&str, (i64, &Mistake)> = BTreeMap::new();
    for (_, one) in all() {
        kinds.entry(&one.mistake).or_insert((0, one));
    }
    kinds.values_mut().zip(0..).for_each(|((index, _), number)| *index = number);
    let rule = |(kind, (_, one)): (&&str, &(i64, &Mistake))| {
        let general = catalogue.entry(kind).map_or(&one.title, |entry| &entry.general);
        form::ReportingDescriptor::builder().id(*kind).short_description(many(general)).build()
    };
    let rules = kinds.iter().map(rule).collect();
    let results = all().map(|(record, one)| result(record, one, kinds[one.mistake.as_str()].0));
    let mut run = run(rules, results.collect());
    let failed = records.iter().filter_map(|record| Some((record, record.failed.as_ref()?)));
    let notices: Vec<form::Notification> = failed
        .map(|(record, why)| {
            let text = format!("{}: {why}", record.learner);
            let message = form::Message::builder().text(text).build();
            form::Notification::builder().level("error").message(message).build()
        })
        .collect();
    let invocation = form::Invocation::builder().execution_successful(true);
    run.invocations = Some(vec![invocation.tool_execution_notifications(notices).build()]);
    whole(run)
}

fn result(record: &Record, one: &Mistake, rule: i64) -> form::Result {
    let snippet = form::ArtifactContent::builder().text(&one.text).build();
    let region = form::Region::builder().start_line(i64::from(one.line)).snippet(snippet).build();
    let physical = form::PhysicalLocation::builder()
        .artifact_location(artifact(&one.file))
        .region(region)
        .build();
    let location = form::Location::builder().physical_location(physical).build();
    let may_be = one.fix.as_ref().map_or(String::new(), |fix| format!(". It may be: {fix}"));
    let text = format!("{}: {}{may_be}", record.learner, one.title);
    form::Result::builder()
        .rule_id(&one.mistake)
        .rule_index(rule)
        .level(form::ResultLevel::Error)
        .message(form::Message::builder().text(text).build())
        .locations(vec![location])
        .build()
}
