//! C#: a property that is set and has only `get`: it gets `set`.

use crate::fixes::family::{Example, Family, Phases};
use crate::fixes::{Candidate, Case};
use crate::score::{Factor, evidence};
use erratum_catalogue::MistakeId;
use erratum_syntax::names::NameKind;

/// The property is declared here, and can only be read.
const ONLY_READ: Factor = evidence("the property is declared without `set`", 6.5);

pub(in crate::fixes) static FAMILY: Family = Family {
    id: "setter",
    recipes: &[],
    phases: Phases::Late,
    within_text: false,
    propose,
    example: Example {
        language: "csharp",
        before: "class Quay {\n    public int Boats { get; }\n    static void Main() {\n        Quay quay = new Quay();\n        quay.<|>Boats = 4;\n    }\n}\n",
        message: "[CS0200] Property or indexer `Quay.Boats' cannot be assigned to (it is read-only)",
        after: "class Quay {\n    public int Boats { get; set; }\n    static void Main() {\n        Quay quay = new Quay();\n        quay.Boats = 4;\n    }\n}\n",
    },
};

fn propose(case: &Case, all: &mut Vec<Candidate>) {
    let lexed = case.lexed();
    // Seen with mcs 6.8.
    if !case.message.text.contains("cannot be assigned to (it is read-only)") {
        return;
    }
    let quoted = case.message.text.split(['`', '\'']).nth(1).unwrap_or("");
    let name = quoted.rsplit('.').next().unwrap_or("");
    let own = case.text.names.of(name).filter(|one| one.kind == NameKind::Member);
    for at in own.map(|one| one.token) {
        let only_read = lexed.is(at + 1, "{")
            && lexed.is(at + 2, "get")
            && lexed.is(at + 3, ";")
            && lexed.is(at + 4, "}");
        if only_read {
            let edit = case.insert(lexed.code[at + 3].end, " set;");
            all.push(Candidate::new(MistakeId::FixedValue, ONLY_READ, vec![edit]));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::FAMILY;
    use crate::fixes::testing::check_no_fix;

    #[test]
    fn a_property_that_works_its_value_out_is_left() {
        check_no_fix(
            &FAMILY,
            "csharp",
            "class Quay {\n    public int Boats { get { return 3; } }\n    void Go() {\n        <|>Boats = 4;\n    }\n}\n",
            "[CS0200] Property or indexer `Quay.Boats' cannot be assigned to (it is read-only)",
        );
    }
}
