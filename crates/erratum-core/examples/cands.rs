use erratum_core::{catalogue, language, message::*, propose::*, source::*};
use std::sync::Arc;
fn main() {
    let a: Vec<String> = std::env::args().collect();
    let src = Source::new(a[1].as_str(), std::fs::read(&a[1]).unwrap());
    let lang = language::by_file_name(&a[1]).unwrap();
    let mut m = Message::new(Severity::Error, a[4].clone());
    let (l, c): (u32, u32) = (a[2].parse().unwrap(), a[3].parse().unwrap());
    m.at = Some(Place::point(a[1].as_str(), l, c));
    let p = Program::single(src.clone());
    let text = Arc::new(Text::new(&src, lang));
    for o in &text.pairs.odd { println!("odd {:?} {} line {} before {:?}", o.odd, text.lexed.word(o.token), text.lexed.code[o.token].line, o.before); }
    let comp = a[5].as_str();
    let shown = catalogue::shown_by(&m, comp);
    let phase = catalogue::phase(&m, &shown, comp);
    println!("{phase:?} {:?}", shown.iter().map(|s| &s.entry.id).collect::<Vec<_>>());
    let all = [m.clone()];
    let case = Case::new(&p, text, &m, &all, &shown, phase).unwrap();
    for c in candidates(&case).iter().take(25) {
        println!("{:.2} {} {:?} then {:?}", c.score, c.mistake, c.edits.iter().map(|e| (src.line_of(e.start), e.start - src.line_start(src.line_of(e.start)), e.end-e.start, &e.text)).collect::<Vec<_>>(), c.then.iter().map(|c| (c.mistake, c.edits.iter().map(|e|(e.start,e.end,&e.text)).collect::<Vec<_>>())).collect::<Vec<_>>());
    }
}
