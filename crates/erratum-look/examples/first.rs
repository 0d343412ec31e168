//! The first mistake of a program: `cargo run -p erratum-look --example first -- ferry.c`.

use erratum_look::{Budget, Error, Session};

fn main() -> Result<(), Error> {
    let files: Vec<String> = std::env::args().skip(1).collect();
    let mut session = Session::builder().files(files).budget(Budget::Compiles(60)).open()?;
    let look = session.look()?;
    match look.verdict.roots.first() {
        Some(root) => println!("line {}: {}", root.at.line, root.title),
        None => println!("It compiles."),
    }
    Ok(())
}
