#include <stdio.h>
#include <string.h>
#include <ctype.h>

typedef struct {
    char letter;
    char meaning[40];
} Flag;

Flag flags[] = {
    {⟪"A"⟶'A'⟫, "diver down"},
    {'B', "dangerous cargo"},
    {'O', "man overboard"}⟪⟶,⟫
    {'Q', "healthy"},
};

const int COUNT = sizeof(flags) / sizeof(flags[0]);

⟪string⟶const char *⟶char *⟫ meaning(char letter) {
    for (int i = 0; i < COUNT; i++) {
        if (flags[i].letter == toupper(letter)⟪⟶)⟫
            return flags[i].meaning;
    }
    return ⟪null⟶NULL⟶≡0⟫;
}

int spell(const char *word) {
    int known = 0;
    for (size_t i = 0; i < ⟪word.length()⟶strlen(word)⟫; i++) {
        const char *text = meaning(word[i]);
        if (text != NULL) {
            printf("%c: %s\n", word[i], text);
            known++;
        }
    }
    return known;
}

int main(void) {
    char word[10];
    strcpy(word, "boq");
    int known = spell(word);
    if (known ⟪is⟶==⟫ 3) {
        printf("all known\n");
    }
    printf("%d of %lu\n", known, strlen(word)⟪⟶)⟫;
    return 0;
}
