//! Whole programs with one mistake each, through the real compilers: the first fix must give back
//! what was meant.

mod support;

use support::check_slips;

#[test]
fn slips_in_c() {
    let sound = r#"#include <stdio.h>
#include <string.h>

// Seats that are left on a sailing.
int seats_left(int all, int sold) {
    int left = all - sold;
    return left;
}

int main(void) {
    const char *pier = "North";
    double fare = 2.5;
    int sold[3] = {12, 30, 7};
    for (int i = 0; i < 3; i++) {
        if (sold[i] == 30) {
            printf("full at %s\n", pier);
        }
        printf("%d left\n", seats_left(40, sold[i]));
    }
    printf("%zu letters, %.2f\n", strlen(pier), fare);
    return 0;
}
"#;
    check_slips(
        "c",
        "ferry.c",
        sound,
        &[
            ("int left = all - sold;", "int left = all - sold"),
            ("#include <string.h>\n", ""),
            ("#include <stdio.h>", "include <stdio.h>"),
            ("#include <stdio.h>", "#include <stdio.h"),
            ("#include <stdio.h>", "#include <stdoi.h>"),
            ("// Seats that are", "Seats that are"),
            ("int sold) {", "int sold)"),
            ("for (int i = 0;", "for (int i = 0,"),
            ("if (sold[i] == 30)", "if (sold[i] = 30)"),
            ("if (sold[i] == 30)", "if (sold[i] == 30"),
            ("if (sold[i] == 30)", "if sold[i] == 30)"),
            ("printf(\"full", "pritnf(\"full"),
            ("full at %s\\n\"", "full at %s\\n"),
            ("double fare = 2.5", "duoble fare = 2.5"),
            ("        }\n        printf", "        printf"),
            ("return 0;\n}\n", "return 0;\n"),
            ("return 0;\n}\n", "return 0;\n}\n}\n"),
            ("seats_left(40, sold[i])", "seats_left(40 sold[i])"),
            ("seats_left(40, sold[i]))", "seats_left(40, sold[i])"),
            ("seats_left(40, sold[i])", "seats_left(40, sold[i], 3)"),
            ("strlen(pier)", "Strlen(pier)"),
            ("{12, 30, 7}", "{12, 30, 7)"),
            ("return left;", "retrun left;"),
        ],
    );
}

#[test]
fn slips_in_cpp() {
    let sound = r#"#include <iostream>
#include <string>
#include <vector>

struct Boat {
    std::string name;
    int length;
};

int longest(const std::vector<Boat>& boats) {
    int best = 0;
    for (const Boat& boat : boats) {
        if (boat.length > best) {
            best = boat.length;
        }
    }
    return best;
}

int main() {
    std::vector<Boat> boats = {{"Heron", 32}, {"Tern", 11}};
    boats.push_back({"Gannet", 24});
    std::cout << "longest: " << longest(boats) << std::endl;
    return 0;
}
"#;
    check_slips(
        "cpp",
        "boats.cpp",
        sound,
        &[
            ("int length;\n};", "int length;\n}"),
            ("#include <vector>\n", ""),
            ("std::endl", "std::edl"),
            ("boats.push_back", "boats.pushback"),
            ("if (boat.length > best)", "if (boat.lenght > best)"),
            ("return best;", "return best"),
            ("\"longest: \"", "\"longest: "),
        ],
    );
}

#[test]
fn slips_in_java() {
    let sound = r#"import java.util.ArrayList;
import java.util.List;

public class Ferry {
    private final String pier;

    public Ferry(String pier) {
        this.pier = pier;
    }

    static int total(List<Integer> seats) {
        int sum = 0;
        for (int one : seats) {
            sum += one;
        }
        return sum;
    }

    public static void main(String[] args) {
        List<Integer> seats = new ArrayList<>();
        seats.add(40);
        Ferry ferry = new Ferry("North");
        if (total(seats) == 40) {
            System.out.println("all from " + ferry.pier);
        }
    }
}
"#;
    check_slips(
        "java",
        "Ferry.java",
        sound,
        &[
            ("import java.util.ArrayList;\n", ""),
            ("public class Ferry", "public class Fery"),
            ("private final String pier", "private final string pier"),
            ("int sum = 0;", "int sum;"),
            ("int sum = 0;", "int sum = \"0\";"),
            ("return sum;", "return sum"),
            ("        return sum;\n", ""),
            ("static int total", "static void total"),
            ("System.out.println", "System.out.prinltn"),
            ("seats.add(40)", "seats.ad(40)"),
            ("if (total(seats) == 40)", "if (total(seats) = 40)"),
            ("new Ferry(\"North\")", "new Ferry(\"North\", 3)"),
            ("            sum += one;\n        }\n", "            sum += one;\n"),
        ],
    );
}

#[test]
fn slips_in_rust() {
    let sound = r#"use std::collections::HashMap;

struct Ticket {
    name: String,
    seats: u32,
}

fn total(tickets: &[Ticket]) -> u32 {
    let mut sum = 0;
    for ticket in tickets {
        sum += ticket.seats;
    }
    sum
}

fn main() {
    let tickets = vec![Ticket { name: "Lind".to_string(), seats: 2 }];
    let mut fares = HashMap::new();
    fares.insert("grown", 2.5);
    println!("{} seats", total(&tickets));
    if total(&tickets[..]) == 2 {
        println!("{} {:?}", tickets[0].name, fares.get("grown"));
    }
}
"#;
    check_slips(
        "rust",
        "tickets.rs",
        sound,
        &[
            ("use std::collections::HashMap;", "use std::colections::HashMap;"),
            ("let mut sum = 0;", "let sum = 0;"),
            ("let mut sum = 0;", "let mut sum = 0"),
            ("-> u32 {", "{"),
            ("\"Lind\".to_string()", "\"Lind\""),
            ("println!(\"{} seats\"", "printn!(\"{} seats\""),
            ("total(&tickets))", "total(tickets))"),
            ("== 2 {", "= 2 {"),
            ("seats: 2 }]", "seats: 2 })"),
            ("ticket.seats;", "ticket.seat;"),
            ("fn main() {", "fun main() {"),
            ("    }\n    sum\n", "    sum\n"),
            ("struct Ticket", "Struct Ticket"),
        ],
    );
}
