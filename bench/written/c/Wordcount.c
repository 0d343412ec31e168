#include <stdio.h>
#include <ctype.h>
#include <string.h>
⟪#include <stdbool>⟶#include <stdbool.h>⟫

#define LINE 128

typedef struct entry {
    char word[32];
    int times;
    ⟪entry *next⟶struct entry *next⟫;
} Entry;

static bool is_vowel(⟪char⟶char letter⟫)
{
    return strchr("aeiou", tolower(letter)) != NULL⟪⟶;⟫
}

static int vowels(const char *text)
{
    int found = 0;
    while (*text) {
        if (is_vowel(*text)) {
            found++;
        }
        text++;
    }
    ⟪return found⟶return found;⟫
}

static void shout(char *text)
{
    for (int i = 0; text[i] != '\0'; i++) {
        text[i] = toupper(text[i]);
    }
}

int main(void)
{
    char line[LINE] = "the ferry waits for the tide";
    Entry first = { "tide", 1, NULL };
    Entry second = { "ferry", 2, &first };
    ⟪shout(&line[0];⟶shout(&line[0]);⟶shout(line);⟫
    printf("%s has %d vowels\n", line, vowels(line));
    for (Entry *e = &second; e != ⟪null⟶NULL⟫; ⟪e = e.next⟶e = e->next⟫) {
        printf("%s %d\n", e->word, e->times);
    }
    return 0;
}
