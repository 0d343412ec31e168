#include <stdio.h>
#include <stdlib.h>
#include <string.h>
⟪⟶#include <ctype.h>⟫

typedef struct entry {
    char key[16];
    int value;
} entry;

static int by_value(const void *a, const void *b)
{
    const entry *x = a;
    const entry *y = b;
    return x->value - ⟪y.value⟶y->value⟫;
}

static void trim(char *text)
{
    int n = strlen(text);
    while (n > 0 && isspace((unsigned char)text[n - 1])) {
        text[n - 1] = ⟪"\0"⟶'\0'⟫;
        n--;
    }
}

static int parse(char *line, entry *out)
{
    char *eq = ⟪strchr(line, "=")⟶strchr(line, '=')⟫;
    if (eq == NULL)
        return -1;
    *eq = 0;
    trim(line);
    ⟪strcopy⟶strcpy⟫(out->key, line);
    out->value = atoi(eq + 1);
    return 0;
}

int main(void)
{
    char *lines[] = { "depth=4", "slots = 12", "name" };
    entry entries[3];
    ⟪int i, count = 0⟶int i, count = 0;⟫

    for (i = 0; i < 3; i++) {
        char copy[32];
        strcpy(copy, lines[i]);
        if (parse(copy, ⟪entries[count]⟶&entries[count]⟶entries + count⟫) == 0) {
            count++;
        }
    }
    qsort(entries, count, sizeof(entry), ⟪by_value()⟶by_value⟫);
    for (i = 0; i < count; i++) {
        printf("%s=%d\n", entries[i].key, entries[i].value);
    }
    if (count ⟪=< 0⟶<= 0⟫) {
        printf("nothing\n");
        ⟪exit 1;⟶exit(1);⟶return 1;⟫
    }
    return 0;
}
