#include <stdio.h>
#include <string.h>
#include <stdlib.h>

typedef struct Manifest {
    char **lines;
    size_t count;
    size_t room;
} Manifest;

void manifest_init(Manifest *m)
{
    m->lines = NULL;
    m->count = 0;
    m->room = 0;
}

int manifest_add(Manifest *m, const char *line)
{
    if (m->count == m->room) {
        size_t room = m->room == 0 ? 4 : m->room * 2;
        char **bigger = realloc(m->lines, room * sizeof(char *));
        if (!bigger)
            return -1;
        m->lines = bigger;
        m->room = room;
    }
    m->lines[m->count] = malloc(strlen(line) + 1);
    if (m->lines[m->count] == NULL)
        return -1;
    strcpy(m->lines[m->count], line);
    m->count++;
    return 0;
}

void manifest_free(Manifest *m)
{
    for (size_t i = 0; i < m->count; i++) {
        free(m->lines[i]);
    }
    free(m->lines);
    manifest_init(m);
}

/* How many words a line has. */
int words(const char *line)
{
    int count = 0;
    int inside = 0;
    for (const char *c = line; *c; c++) {
        if (*c == ' ') {
            inside = 0;
        } else if (!inside) {
            inside = 1;
            count++;
        }
    }
    return count;
}

int compare(const void *a, const void *b)
{
    const char *left = *(const char **)a;
    const char *right = *(const char **)b;
    return strcmp(left, right);
}

int main(int argc, char *argv[])
{
    Manifest m;
    int i;
    manifest_init(&m);
    manifest_add(&m, "two crates of lamp oil");
    manifest_add(&m, "a piano");
    manifest_add(&m, "nine sacks of mail");
    for (i = 1; i < argc; i++) {
        manifest_add(&m, argv[i]);
    }
    qsort(m.lines, m.count, sizeof(char *), compare);
    for (size_t k = 0; k < m.count; k++) {
        printf("%zu: %s (%d words)\n", k + 1, m.lines[k], words(m.lines[k]));
    }
    manifest_free(&m);
    return 0;
}
