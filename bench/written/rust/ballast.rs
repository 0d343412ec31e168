struct Tank {
    litres: u32,
    limit: u32,
}

fn fill(tank: &mut Tank, litres: u32) -> Result<u32, String> {
    if tank.litres + litres > tank.limit {
        return Err(⟪"tank would overflow"⟶"tank would overflow".to_string()⟶≡String::from("tank would overflow")⟶≡"tank would overflow".into()⟶≡"tank would overflow".to_owned()⟫);
    }
    tank.litres += litres;
    Ok(tank.litres)⟪;⟶⟫
}

fn drain(tank: &mut Tank, litres: u32) -> Option<u32> {
    if litres > tank.litres {
        None
    } else {
        tank.litres -= litres;
        ⟪tank.litres⟶Some(tank.litres)⟫
    }
}

fn trim(port: &Tank, starboard: &Tank) -> i64 {
    ⟪port.litres⟶i64::from(port.litres)⟶port.litres as i64⟫ - i64::from(starboard.litres)
}

fn main() {
    let mut port = Tank { litres: 400, limit: 1000 };
    let mut starboard = Tank { litres: 380, limit: 1000 };

    match fill(⟪port⟶&mut port⟫, 250) {
        Ok(now) => println!("port holds {}", now),
        Err(why) => println!("refused: {}", why),
    }

    if let Some(left) = drain(&mut starboard, 80) {
        println!("starboard holds {⟪⟶}⟫", left);
    }

    println!("trim is {} litres", trim(&port, &starboard));
}
