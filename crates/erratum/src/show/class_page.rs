//! A class as one page: the kinds, who made which, the same lines, who is stuck. Nothing is fetched.

use super::page::{escaped, framed};
use crate::show;
use erratum_catalogue::Catalogue;
use erratum_survey::{Record, State, Summary};
use std::collections::BTreeMap;
use std::fmt::Write;

const STYLE: &str = include_str!("../../assets/class.css");
const SCRIPT: &str = include_str!("../../assets/class.js");

/// How many kinds have a column in the table of learners.
const COLUMNS: usize = 15;
/// How wide the longest bar is, in tenths of a rem.
const BAR: usize = 120;

/// The page.
pub fn page(catalogue: &Catalogue, summary: &Summary, records: &[Record]) -> String {
    let all = show::plural(summary.hand_ins, "hand-in", "hand-ins");
    let mut body = format!(
        "<style>\n{STYLE}</style>\n<h1>A class</h1>\n<p>{all}, {} of them compile.</p>\n",
        summary.compile
    );
    body += "<p><label>Find <input type=\"search\" placeholder=\"a learner, a kind, a word\"></label></p>\n";
    kinds(&mut body, catalogue, summary);
    learners(&mut body, catalogue, summary, records);
    same(&mut body, summary);
    stuck(&mut body, catalogue, summary);
    failed(&mut body, summary);
    let _ = write!(body, "<script>\n{SCRIPT}</script>\n");
    framed("A class", &body)
}

fn kinds(body: &mut String, catalogue: &Catalogue, summary: &Summary) {
    if summary.kinds.is_empty() {
        return;
    }
    *body += "<h2>Kinds of mistakes</h2>\n<p>The first of them is worth explaining first.</p>\n";
    kind_table(body);
    let most = summary.kinds[0].learners.len().max(1);
    for (at, kind) in summary.kinds.iter().enumerate() {
        if at == COLUMNS {
            let rarer = show::plural(summary.kinds.len() - at, "rarer kind", "rarer kinds");
            let _ = writeln!(body, "</tbody></table>\n<details><summary>{rarer}</summary>");
            kind_table(body);
        }
        let entry = catalogue.entry(&kind.mistake);
        let meaning = entry.map_or("", |entry| entry.meaning.as_str());
        // A meaning that speaks of one place says nothing of a class.
        let meaning = if has_hole(meaning) { "" } else { meaning };
        let width = kind.learners.len() * BAR / most;
        let _ = writeln!(
            body,
            "<tr><td class=\"number\">{}</td><td>{}</td><td class=\"bars\">{} <span class=\"bar\" style=\"width: {}.{}rem\"></span></td><td class=\"number\">{}</td><td>{}</td><td><code>{}</code></td></tr>",
            at + 1,
            code(words(catalogue, &kind.mistake)),
            kind.learners.len(),
            width / 10,
            width % 10,
            kind.made,
            code(meaning),
            escaped(&kind.example.text)
        );
    }
    *body += "</tbody></table>\n";
    if summary.kinds.len() > COLUMNS {
        *body += "</details>\n";
    }
}

fn kind_table(body: &mut String) {
    table(body, &["No.", "Kind", "Learners", "Made", "What it means", "An example"]);
}

fn learners(body: &mut String, catalogue: &Catalogue, summary: &Summary, records: &[Record]) {
    let columns: Vec<&str> =
        summary.kinds.iter().take(COLUMNS).map(|kind| kind.mistake.as_str()).collect();
    *body += "<h2 id=\"learners\">Learners</h2>\n";
    if !columns.is_empty() {
        *body += "<p>The numbered columns are the kinds above.</p>\n";
    }
    *body += "<div class=\"wide\">\n";
    let numbers: Vec<String> = (1..=columns.len()).map(|number| number.to_string()).collect();
    let mut heads = vec!["Learner", "Language", "State", "Mistakes"];
    heads.extend(numbers.iter().map(String::as_str));
    table(body, &heads);
    for record in records {
        let mut made: BTreeMap<&str, usize> = BTreeMap::new();
        for mistake in &record.mistakes {
            *made.entry(&mistake.mistake).or_default() += 1;
        }
        let state = match record.state {
            State::Compiles => "compiles",
            State::Wrong => "wrong",
            State::Failed => "not looked at",
        };
        let _ = write!(
            body,
            "<tr><td>{}</td><td>{}</td><td>{state}</td><td class=\"number\">{}</td>",
            escaped(&record.learner),
            escaped(&record.language),
            record.mistakes.len()
        );
        for kind in &columns {
            let _ = match made.get(kind) {
                Some(count) => write!(
                    body,
                    "<td class=\"made\" title=\"{}\">{count}</td>",
                    escaped(words(catalogue, kind))
                ),
                None => write!(body, "<td></td>"),
            };
        }
        *body += "</tr>\n";
    }
    *body += "</tbody></table>\n</div>\n";
}

fn same(body: &mut String, summary: &Summary) {
    if summary.same.is_empty() {
        return;
    }
    *body += "<h2>The same line, wrong in the same way</h2>\n";
    table(body, &["Learners", "Line", "Who"]);
    for same in &summary.same {
        let _ = writeln!(
            body,
            "<tr><td class=\"number\">{}</td><td><code>{}</code></td><td>{}</td></tr>",
            same.learners.len(),
            escaped(&same.example.text),
            escaped(&same.learners.join(", "))
        );
    }
    *body += "</tbody></table>\n";
}

fn stuck(body: &mut String, catalogue: &Catalogue, summary: &Summary) {
    if summary.stuck.is_empty() {
        return;
    }
    *body += "<h2>Stuck</h2>\n";
    table(body, &["Learner", "Mistakes", "Kinds of error", "Made by nobody else"]);
    for stuck in &summary.stuck {
        let alone = stuck.alone.iter().map(|kind| code(words(catalogue, kind)));
        let _ = writeln!(
            body,
            "<tr><td>{}</td><td class=\"number\">{}</td><td class=\"number\">{}</td><td>{}</td></tr>",
            escaped(&stuck.learner),
            stuck.mistakes,
            stuck.phases,
            alone.collect::<Vec<_>>().join("; ")
        );
    }
    *body += "</tbody></table>\n";
}

fn failed(body: &mut String, summary: &Summary) {
    if summary.failed.is_empty() {
        return;
    }
    *body += "<h2>Not looked at</h2>\n";
    table(body, &["Learner", "Why"]);
    for (learner, why) in &summary.failed {
        let _ = writeln!(body, "<tr><td>{}</td><td>{}</td></tr>", escaped(learner), escaped(why));
    }
    *body += "</tbody></table>\n";
}

/// Whether a text has a place that is filled at each mistake, such as `{name}`.
fn has_hole(text: &str) -> bool {
    text.split('{').skip(1).any(|rest| {
        rest.split_once('}').is_some_and(|(name, _)| {
            !name.is_empty() && name.chars().all(|letter| letter.is_ascii_lowercase())
        })
    })
}

/// Begins a table whose columns can be sorted.
fn table(body: &mut String, heads: &[&str]) {
    *body += "<table>\n<thead><tr>";
    for head in heads {
        let _ = write!(body, "<th><button type=\"button\">{head}</button></th>");
    }
    *body += "</tr></thead>\n<tbody>\n";
}

/// What a kind is, in the words of the catalogue.
fn words<'a>(catalogue: &'a Catalogue, kind: &'a str) -> &'a str {
    catalogue.entry(kind).map_or(kind, |entry| entry.general.as_str())
}

/// A text whose pieces of code stand between backquotes.
pub(super) fn code(text: &str) -> String {
    let pieces = text.split('`').enumerate();
    pieces
        .map(|(at, piece)| match at % 2 {
            0 => escaped(piece),
            _ => format!("<code>{}</code>", escaped(piece)),
        })
        .collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_learners_wrote_is_text() {
        let mut record = Record::unread("<b>ada\u{7}", "<script>x</script>");
        record.language = "c".to_owned();
        let records = [record];
        let page = page(&Catalogue::shipped(), &Summary::of(&records), &records);
        assert!(page.contains("&lt;b&gt;ada\\u{7}"), "{page}");
        assert!(page.contains("&lt;script&gt;x&lt;/script&gt;"), "{page}");
        assert!(!page.contains("http") && page.contains("not looked at"), "{page}");
    }

    #[test]
    fn a_brace_is_no_hole() {
        assert!(has_hole("`{name}` is not known") && !has_hole("Every `{` needs a `}`."));
    }

    #[test]
    fn code_stands_out() {
        assert_eq!(code("a `;` is < `b`"), "a <code>;</code> is &lt; <code>b</code>");
    }
}
