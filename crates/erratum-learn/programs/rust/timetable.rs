// The longest wait between two sailings.
fn longest_wait(minutes: &[u32]) -> u32 {
    let mut longest = 0;
    for i in 1..minutes.len() {
        let wait = minutes[i] - minutes[i - 1];
        if wait > longest {
            longest = wait;
        }
    }
    longest
}

fn clock(minutes: u32) -> String {
    let hour = minutes / 60;
    let rest = minutes % 60;
    format!("{:02}:{:02}", hour, rest)
}

fn main() {
    let minutes = [390, 480, 615, 780, 1020];
    println!("Sailings today:");
    for minute in minutes.iter() {
        println!("  {}", clock(*minute));
    }
    println!("Longest wait: {} minutes", longest_wait(&minutes));
}
