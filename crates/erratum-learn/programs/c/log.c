#include <stdio.h>
#include <ctype.h>
#include <string.h>

// Counts the words and capital letters in a line of the ship's log.
int count_words(const char *line) {
    int words = 0;
    int inside = 0;
    for (size_t i = 0; i < strlen(line); i++) {
        if (isspace(line[i])) {
            inside = 0;
        } else if (!inside) {
            inside = 1;
            words++;
        }
    }
    return words;
}

void shout(char *line) {
    int i = 0;
    while (line[i] != '\0') {
        line[i] = toupper(line[i]);
        i++;
    }
}

int main(void) {
    char line[] = "Left the north pier at seven";
    int words = count_words(line);
    printf("%d words\n", words);
    shout(line);
    printf("%s\n", line);
    if (words > 5 && line[0] == 'L') {
        puts("a long entry");
    }
    return 0;
}
