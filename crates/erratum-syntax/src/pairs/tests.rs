use super::*;
use crate::language::by_id;
use crate::source::Source;

/// The lines of the braces that are odd by count or layout.
fn thorough(language: &str, text: &str) -> Vec<(u32, Odd)> {
    let lexed = Lexed::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap());
    let odd = Pairs::thorough(&lexed).odd;
    odd.iter().map(|o| (lexed.code[o.token].line, o.odd)).collect()
}

/// Each of these took minutes while the work grew with the square of the text.
#[test]
fn texts_of_brackets_alone_are_read_in_one_go() {
    let size = 60_000;
    let texts = [
        "(".repeat(size),
        format!("int x = {}{};", "(".repeat(size), ")".repeat(size)),
        format!("{}{}", ")".repeat(size), "}".repeat(size)),
        format!("x{};", " = a[(1]".repeat(size)),
        format!("{}\n{}", "{\n".repeat(size), "}\n".repeat(size)),
        format!("x{}{};", "({a".repeat(size), ")".repeat(size)),
    ];
    for text in texts {
        let lexed = Lexed::new(&Source::new("t", text.into_bytes()), by_id("c").unwrap());
        let pairs = Pairs::thorough(&lexed);
        assert_eq!(pairs.partner.len(), lexed.code.len());
    }
}

#[test]
fn a_value_in_braces_ends_before_the_bracket_around_it() {
    let text = "fn go() {\n    put(Pier { depth: of(4) );\n    put(Pier { depth: 5 });\n}\n";
    assert_eq!(odd("rust", text), [(2, "{".to_owned(), Odd::Unclosed, vec![2])]);
    // With its own partner further on, the bracket before that is the odd one.
    let text = "fn go() {\n    put(Pier { depth: 4) });\n}\n";
    let found = odd("rust", text);
    assert!(!found.is_empty() && found.iter().all(|(_, word, ..)| word != "{"), "{found:?}");
}

#[test]
fn two_lost_braces_that_cancel_out_show_in_the_layout() {
    let text = "int low(int a) {\n    if (a)\n        a = 1;\n        a++;\n    }\n    return a;\n}\nint high(int b) {\n    if (b) {\n        b = 2;\n    return b;\n}\n";
    assert_eq!(thorough("c", text), [(5, Odd::Unopened), (9, Odd::Unclosed)]);
}

#[test]
fn untidy_layout_alone_is_no_mistake() {
    for text in [
        "int low(int a) {\n    if (a) {\n        a = 1;\n}\n    return a;\n}\nint high(void) {\n    return 2;\n}\n",
        "int low(int a) {\n    if (a) {\n        a = 1;\n    }\n    }\nint high(void) {\n    return 2;\n}\n",
        "int low(int a) {\nif (a) {\na = 1;\n}\nreturn a;\n}\n",
        "int low(int a)\n{\n    if (a)\n    {\n        a = 1;\n    }\n  else\n      {\n   a = 2;\n  }\n    return a;\n}\n",
    ] {
        assert_eq!(thorough("c", text), []);
    }
}

fn odd(language: &str, text: &str) -> Vec<(u32, String, Odd, Vec<u32>)> {
    let lexed = Lexed::new(&Source::new("t", text.as_bytes()), by_id(language).unwrap());
    let pairs = Pairs::new(&lexed);
    let line = |index: &usize| lexed.code.get(*index).map_or(0, |token| token.line);
    pairs
        .odd
        .iter()
        .map(|o| {
            let token = &lexed.code[o.token];
            (token.line, lexed.text(token).to_owned(), o.odd, o.before.iter().map(line).collect())
        })
        .collect()
}

#[test]
fn sound_text_has_no_odd_bracket_whatever_its_layout() {
    assert_eq!(odd("c", "int f() {\nif (a) { b[1]();\n}\n  }\n"), vec![]);
    assert_eq!(odd("rust", "fn f() { g(|x| { x; [0; 3] }); }"), vec![]);
}

#[test]
fn sections_of_a_class_do_not_end_it() {
    let text = "type\n  TBoat = class\n  private\n    FName: string;\n  public\n    function Fee(a: integer; b: double): double;\n  end;\nbegin\n  case k of\n    1: go(1);\n  else\n    go(2);\n  end;\n  for i := 1 to 2 do\n  begin\n    go(i);\n  stop;\nend.\n";
    let source = Source::new("pier.pas", text.as_bytes().to_vec());
    let lexed = Lexed::new(&source, by_id("pascal").unwrap());
    let pairs = Pairs::new(&lexed);
    let odd: Vec<u32> = pairs.odd.iter().map(|odd| lexed.code[odd.token].line).collect();
    assert_eq!(odd, [15]);
}

#[test]
fn a_lost_brace_is_missed_where_the_indentation_goes_back() {
    let text =
        "int f() {\n    while (a) {\n        b();\n        c();\n    d();\n}\nint g() {\n}\n";
    assert_eq!(odd("c", text), vec![(2, "{".into(), Odd::Unclosed, vec![5])]);
    let outer = "int f() {\n    while (a) {\n        b();\n    }\n\nint g() {\n    a();\n}\n";
    assert_eq!(odd("c", outer), vec![(1, "{".into(), Odd::Unclosed, vec![6])]);
    let before_close = "int f() {\n    if (a) {\n        b();\n}\nint g() {\n}\n";
    assert_eq!(odd("c", before_close), vec![(2, "{".into(), Odd::Unclosed, vec![4])]);
}

#[test]
fn the_next_part_of_a_block_does_not_end_it() {
    let text = "begin\n  try\n    go;\n    stop;\n  except\n    wait;\n  done;\nend.\n";
    assert_eq!(odd("pascal", text), vec![(2, "try".into(), Odd::Unclosed, vec![7])]);
    let lost = "begin\n  if a then\n  begin\n    go;\n    stop;\n  else\n    wait;\nend.\n";
    assert_eq!(odd("pascal", lost), vec![(3, "begin".into(), Odd::Unclosed, vec![6])]);
}

#[test]
fn a_surplus_brace_is_the_one_that_no_header_fits() {
    let text = "int f() {\n    if (a) {\n        b();\n    }\n    }\n    c();\n}\n";
    assert_eq!(odd("c", text), vec![(5, "}".into(), Odd::Unopened, vec![])]);
    let lost = "int f() {\n    if (a)\n        b();\n    }\n    c();\n}\n";
    assert_eq!(odd("c", lost), vec![(4, "}".into(), Odd::Unopened, vec![3])]);
}

#[test]
fn a_parenthesis_does_not_reach_over_its_statement() {
    assert_eq!(
        odd("c", "int f() {\n  g(a, b;\n  h();\n}\n"),
        vec![(2, "(".into(), Odd::Unclosed, vec![2])]
    );
    assert_eq!(
        odd("java", "if (a > (b) {\n  c();\n}\n"),
        vec![(1, "(".into(), Odd::Unclosed, vec![1])]
    );
    assert_eq!(odd("c", "f(a));\ng(b);"), vec![(1, ")".into(), Odd::Unopened, vec![])]);
    assert_eq!(odd("c", "f(a];\ng(b);").len(), 2);
    assert_eq!(odd("c", "f(ai].b, c);\n"), vec![(1, "]".into(), Odd::Unopened, vec![])]);
    assert_eq!(odd("c", "f(a[i, c);\n"), vec![(1, "[".into(), Odd::Unclosed, vec![1])]);
}

#[test]
fn headers_and_attributes_end_with_their_line() {
    assert_eq!(
        odd("rust", "fn f(a: &[i32; 7] -> i32 {\n    a[0]\n}\n"),
        vec![(1, "(".into(), Odd::Unclosed, vec![1])]
    );
    assert_eq!(
        odd("rust", "#[derive(Debug)\nstruct Tide;\n"),
        vec![(1, "[".into(), Odd::Unclosed, vec![2])]
    );
}

#[test]
fn the_next_arm_of_a_choice_ends_the_one_before() {
    let text = "fn go() {\n    match n {\n        1 => put(\"a\", n,\n        2 -> put(\"b\", n),\n    }\n}\n";
    assert_eq!(odd("rust", text), vec![(3, "(".to_owned(), Odd::Unclosed, vec![4])]);
    let sound = "fn go() {\n    match n {\n        1 => put(\n            n,\n        ),\n        _ => {}\n    }\n}\n";
    assert_eq!(odd("rust", sound), vec![]);
}

#[test]
fn no_bracket_reaches_into_the_next_declaration() {
    let text = "low = sum (map (+ 1) [1, 2]\n\nhigh = 3\nmain = do\n  print (low)\n";
    assert_eq!(odd("haskell", text), vec![(1, "(".to_owned(), Odd::Unclosed, vec![3])]);
}

#[test]
fn no_bracket_reaches_into_the_next_step() {
    let text = "main = do\n  print (low 3\n  print (high 4)\n";
    assert_eq!(odd("haskell", text), vec![(2, "(".to_owned(), Odd::Unclosed, vec![3])]);
    let sound = "main = do\n  print (low\n    3)\n  mapM_ print\n    [ 1\n    , 2\n    ]\n";
    assert_eq!(odd("haskell", sound), vec![]);
}

#[test]
fn words_open_and_close_blocks() {
    let pascal = "procedure A;\nbegin\n  if x then\n  begin\n    b;\n  c;\nend;\n\nbegin\nend.\n";
    assert_eq!(odd("pascal", pascal), vec![(4, "begin".into(), Odd::Unclosed, vec![6])]);
    let lost = "procedure A;\nbegin\n  b;\n\nprocedure C;\nbegin\nend;\n\nbegin\nend.\n";
    assert_eq!(odd("pascal", lost), vec![(2, "begin".into(), Odd::Unclosed, vec![5])]);
    let sound = [
        (
            "pascal",
            "type\n  T = class(TObject)\n    a: integer;\n  end;\n  U = class;\nbegin\n  repeat\n    case x of\n      1: b;\n    end;\n  until y;\nend.\n",
        ),
        (
            "vb",
            "Module M\n    Sub Main()\n        If a Then\n            b()\n        End If\n        If c Then d()\n        For i = 1 To 3\n        Next\n        Do\n        Loop While e\n        Exit Sub\n    End Sub\nEnd Module\n",
        ),
        (
            "ada",
            "procedure P is\nbegin\n   if A then\n      B;\n   end if;\n   loop\n      exit when C;\n   end loop;\nend P;\n",
        ),
        (
            "fortran",
            "program p\n  if (a) then\n    b = 1\n  end if\n  if (c) d = 2\n  do i = 1, 3\n  end do\nend program\n",
        ),
    ];
    for (language, text) in sound {
        assert_eq!(odd(language, text), vec![], "{language}");
    }
    let vb =
        "Module M\n    Sub Main()\n        If a Then\n            b()\n    End Sub\nEnd Module\n";
    assert_eq!(odd("vb", vb).first().map(|o| (o.0, o.2)), Some((3, Odd::Unclosed)));
}

#[test]
fn each_part_of_a_condition_starts_with_what_is_open_where_it_does() {
    let text = "int f(int a) {\n#ifdef DEEP\n    if (a > 3) {\n#else\n    if (a > 2) {\n#endif\n        a = 1;\n    }\n    return a;\n}\n";
    assert_eq!(odd("c", text), []);
    // Too deep to be followed, a condition still ends with its own mark.
    let deep =
        format!("{}#if A\n#endif\n#if B\n#else\n#endif\n{}", "{\n".repeat(300), "}\n".repeat(300));
    assert_eq!(odd("c", &deep), []);
}
