#include <cctype>
#include <iostream>
#include <set>
#include <sstream>
#include <string>

// Counts the different words in the log of a ferry.
std::string lower(const std::string& text) {
    std::string result;
    for (char letter : text) {
        if (std::isalpha(letter)) {
            result += static_cast<char>(std::tolower(letter));
        }
    }
    return result;
}

int main() {
    std::string log = "Left the pier. Passed the mole, then the light. Back at the pier.";
    std::istringstream input(log);
    std::set<std::string> words;
    std::string word;
    int count = 0;
    while (input >> word) {
        words.insert(lower(word));
        count++;
    }
    std::cout << count << " words, " << words.size() << " different\n";
    for (const std::string& one : words) {
        std::cout << one << " ";
    }
    std::cout << "\n";
    return 0;
}
