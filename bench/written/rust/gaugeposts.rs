use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum Kind {
    Tide,
    Wind { gust: f64 },
    Rain(u32),
}

#[derive(Debug)]
enum PostError {
    Unknown(String),
    BadValue(std::num::ParseFloatError),
}

impl fmt::Display for PostError {
    fn fmt(&self, f: ⟪&⟶&mut ⟫fmt::Formatter) -> fmt::Result {
        match self {
            PostError::Unknown(name) => write!(f, "unknown post {}", name),
            PostError::BadValue(e) => write!(f, "bad value: {}"⟪⟶, e⟫),
        }
    }
}

impl From<std::num::ParseFloatError> for PostError {
    fn from(e: std::num::ParseFloatError) -> Self {
        PostError::BadValue(e)
    }
}

struct Post {
    name: String,
    kind: Kind,
    readings: Vec<f64>,
}

impl Post {
    fn new(name: &str, kind: Kind) -> Post {
        Post { name: ⟪name⟶name.to_string()⟶name.to_owned()⟶name.into()⟶String::from(name)⟫, kind, readings: Vec::new() }
    }

    fn add(⟪&self⟶&mut self⟫, text: &str) -> Result<f64, PostError> {
        let value = text.trim().parse::<f64>()?;
        self.readings.push(value);
        ⟪value⟶Ok(value)⟫
    }

    fn highest(&self) -> Option<f64> {
        self.readings.iter().copied().fold(None, |best, x| match best {
            None => Some(x),
            Some(b) => Some(if x > b { x } ⟪else b⟶else { b }⟫),
        })
    }

    fn describe(&self) -> String {
        match &self.kind {
            Kind::Tide => format!("{}: tide", self.name),
            Kind::Wind { gust } => format!("{}: wind, gusts {:.1}", self.name, gust),
            ⟪⟶Kind::Rain(mm) => format!("{}: rain {} mm", self.name, mm),⟶_ => self.name.clone(),⟫
        }
    }
}

struct Network {
    posts: HashMap<String, Post>,
}

impl Network {
    fn get(&mut self, name: &str) -> Result<&mut Post, PostError> {
        self.posts.get_mut(name).⟪ok_or⟶ok_or_else⟫(|| PostError::Unknown(name.to_string()))
    }

    fn report(&self) -> Vec<String> {
        let mut lines: Vec<String> = self.posts.values().map(|p| p.describe())⟪⟶.collect()⟫;
        lines.sort();
        lines
    }
}

fn main() -> Result<(), PostError> {
    let ⟪network⟶mut network⟫ = Network { posts: HashMap::new() };
    for (name, kind) in ⟪{⟶[⟶vec![⟫("North", Kind::Tide), ("Mole", Kind::Wind { gust: 21.5 }), ("Spit", Kind::Rain(4))⟪}⟶]⟶]⟫ {
        network.posts.insert(name⟪⟶.to_string()⟶.to_owned()⟶.into()⟫, Post::new(name, kind));
    }
    let north = network.get("North")?;
    north.add("2.4")?;
    north.add("3.1")?⟪⟶;⟫
    if let Some(top) = north.highest() {
        println!("highest ⟪{:.2f}⟶{:.2}⟫", top);
    }
    for line in network.report() {
        println!("{}", line);
    }
    Ok(())
}
