enum Role {
    Captain,
    Deckhand(u32),
}

struct Person {
    name: String,
    role: Role,
}

fn pay(person: &Person) -> u32 {
    match person.role {
        Role::Captain => 900,
        Role::Deckhand(hours) => hours * 12⟪;⟶,⟶≡⟫
    }
}

fn find<'a>(crew: &'a [Person], name: &str) -> Option<&'a Person> {
    crew.iter().find(|p| p.name == name)
}

fn main() {
    let crew = vec![
        Person { name: "Ines".to_string(), role: Role::Captain },
        Person { name: "Olaf".to_string(), role: ⟪Deckhand(30)⟶Role::Deckhand(30)⟫ },
    ];
    let total: u32 = crew.iter().map(|p| pay(p)).sum();
    println!("total {}", total⟪⟶)⟫;
    if let Some(olaf) = find(&crew, "Olaf") {
        println!("{} gets {}", olaf.name⟪ ⟶, ⟫pay(olaf));
    }
    let mut rest: i32 = 3000;
    rest -= ⟪total⟶total as i32⟫;
    println!("rest {}", rest);
}
