//! A text in Markdown as one page that needs nothing beside it.

use erratum_syntax::visible::visible;
use pulldown_cmark::{CowStr, Event, Parser, Tag, TagEnd, html};

const STYLE: &str = include_str!("../../assets/share.css");

/// The page. What looks like HTML in the text is shown as text: it is somebody's program. There are no
/// links and no pictures, so that nothing is fetched.
pub fn page(title: &str, markdown: &str) -> String {
    let events = Parser::new(markdown).filter_map(|event| match event {
        Event::Html(text) | Event::InlineHtml(text) => Some(Event::Text(text)),
        Event::Start(Tag::Link { .. } | Tag::Image { .. }) => None,
        Event::End(TagEnd::Link | TagEnd::Image) => None,
        other => Some(other),
    });
    let mut body = String::new();
    html::push_html(&mut body, events);
    framed(title, &body)
}

/// A page around what is HTML already.
pub fn framed(title: &str, body: &str) -> String {
    let mut head = String::new();
    html::push_html(&mut head, std::iter::once(Event::Text(CowStr::Borrowed(title))));
    format!(
        "<!DOCTYPE html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n\
         <meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n\
         <title>{head}</title>\n<style>\n{STYLE}</style>\n</head>\n<body>\n{body}</body>\n</html>\n"
    )
}

/// A text as HTML shows it, with what steers a terminal or the direction of writing written out.
pub fn escaped(text: &str) -> String {
    let text = visible(text);
    text.replace('&', "&amp;").replace('<', "&lt;").replace('>', "&gt;").replace('"', "&quot;")
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn nothing_is_fetched() {
        let page = page("tide", "![low](http://x/y.png) and [high](http://x)\n");
        assert!(!page.contains("http") && page.contains("low and high"), "{page}");
    }

    #[test]
    fn what_looks_like_html_is_text() {
        let page = page("a<b", "See <script>x</script>\n\n```c\na < b\n```\n\n<div>\n");
        assert!(page.contains("<title>a&lt;b</title>"), "{page}");
        assert!(page.contains("&lt;script&gt;x&lt;/script&gt;"), "{page}");
        assert!(page.contains("&lt;div&gt;"), "{page}");
        assert!(page.contains("<pre><code class=\"language-c\">a &lt; b\n</code></pre>"), "{page}");
    }
}
