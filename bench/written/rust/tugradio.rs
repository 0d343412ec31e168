use std::collections::VecDeque;

trait Listener {
    fn hear(&mut self, text: &str) -> bool;
    fn name(&self) -> &str;
}

#[derive(Debug)]
struct Tug {
    name: String,
    heard: Vec<String>,
}

impl Listener ⟪⟶for Tug ⟫{
    fn hear(&mut self, text: &str) -> bool {
        self.heard.push(⟪text⟶text.to_string()⟶text.to_owned()⟶text.into()⟶String::from(text)⟫);
        text.contains(⟪self.name⟶&self.name⟶self.name.as_str()⟶&self.name[..]⟫)
    }

    fn name(&self) -> &str {
        &self.name
    }
}

struct Radio<'a> {
    listeners: Vec<&'a mut dyn Listener>,
    queue: VecDeque<String>,
}

impl<'a> Radio<'a> {
    fn send(&mut self, text: String) {
        self.queue.push_back(text);
    }

    fn flush(&mut self) -> usize {
        let mut answers = 0;
        while let Some(text) = self.queue.⟪pop()⟶pop_front()⟶pop_back()⟫ {
            for listener in self.listeners.iter_mut() {
                if listener.hear(&text) {
                    println!("{} answers"⟪, listener.name⟶, listener.name()⟫);
                    ⟪answers++⟶answers += 1⟫;
                }
            }
        }
        answers⟪;⟶⟫
    }
}

fn loudest(levels: &[i32]) -> i32 {
    let mut best = levels[0];
    for level in levels {
        if ⟪level > best⟶*level > best⟶level > &best⟫ {
            best = *level;
        }
    }
    best
}

fn main() {
    let mut first = Tug { name: "Sturdy"⟪⟶.to_string()⟶.into()⟶.to_owned()⟫, heard: vec![] };
    let mut second = Tug { name: String::from("Hardy"), heard: vec![] };
    {
        let ⟪⟶mut ⟫radio = Radio { listeners: vec![&mut first, &mut second], queue: VecDeque::new() };
        radio.send(format!("{} to the mole", "Hardy"));
        let n = radio.flush();
        println!("{n} answered");
    }
    println!("{:?}", second⟪.heard.length()⟶.heard.len()⟫);
    println!("loudest {}", loudest(⟪[3, 9, 4]⟶&[3, 9, 4]⟫));
}
