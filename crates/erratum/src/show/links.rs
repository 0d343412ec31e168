//! Places as hyperlinks, on terminals that have them.

use anstyle_hyperlink::{Hyperlink, path_to_url};
use std::path::{Path, PathBuf};
use supports_hyperlinks::Stream;

/// Makes links of places.
pub struct Links<'a> {
    /// Where a file of the program stands; nothing where no links are wanted.
    path: Option<&'a dyn Fn(&str) -> PathBuf>,
}

impl<'a> Links<'a> {
    /// Links to files, if standard output is a terminal that has links.
    pub fn new(path: &'a dyn Fn(&str) -> PathBuf) -> Links<'a> {
        Links { path: supports_hyperlinks::on(Stream::Stdout).then_some(path) }
    }

    /// No links at all.
    pub fn none() -> Links<'static> {
        Links { path: None }
    }

    /// A text that leads to a line of a file.
    pub fn line(&self, file: &str, line: u32, text: &str) -> String {
        let url = self.path.and_then(|path| url(&path(file), line));
        match url {
            Some(url) => {
                let link = Hyperlink::with_url(url);
                format!("{link}{text}{link:#}")
            }
            None => text.to_owned(),
        }
    }
}

fn url(path: &Path, line: u32) -> Option<String> {
    let url = path_to_url(&dunce::canonicalize(path).ok()?)?;
    Some(format!("{url}#L{line}"))
}
