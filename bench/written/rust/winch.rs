⟪⟶#[derive(PartialEq)]
⟫enum State {
    Idle,
    Pulling(u32),
    Broken,
}

struct Winch {
    name: String,
    state: State,
}

impl Winch {
    fn new(name: &str) -> Winch {
        Winch { name: name.to_string(), state: State::Idle }
    }

    fn pull(⟪&self⟶&mut self⟫, tons: u32) {
        if tons > 5 {
            self.state = State::Broken;
        } else {
            self.state = ⟪Pulling⟶State::Pulling⟫(tons);
        }
    }

    fn load(&self) -> u32 {
        match self.state {
            State::Idle => 0,
            State::Pulling(tons) => tons⟪⟶,⟫
            State::Broken ⟪->⟶=>⟫ 0,
        }
    }
}

fn main() {
    let mut winch = Winch::new("stern");
    winch.pull(3);
    println!("{} pulls {}", winch.name, winch.⟪load⟶load()⟫);
    winch.pull(9);
    if winch.state == State::Broken {
        println!("broken");
    }
}
