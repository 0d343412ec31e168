#include <stdio.h>
#include <ctype.h>
#include <string.h>

struct gauge {
    char id[8];
    float level;
};

int read_gauge(const char *line, struct gauge *g) {
    return sscanf(line, "%7s %f", g->id, &g->level) == 2;
}

void upper(char *text) {
    for (int i = 0; text[i] ⟪!⟶!=⟫ '\0'; i++)
        text[i] = toupper(text[i]⟪⟶)⟫;
}

float mean(⟪gauge⟶struct gauge⟫ *all, int n) {
    float sum = 0;
    for (int i = 0; i < n; i++) {
        sum += all[i]⟪->⟶.⟫level;
    }
    return n ? sum / n ⟪⟶: ⟫0;
}

int main(void) {
    const char *lines[] = {"g1 2.5", "g2 3.75", "bad"};
    struct gauge all[3];
    int n = 0;
    for (int i = 0; i < 3; i++) {
        if (read_gauge(lines[i], &all[n])⟪⟶)⟫ {
            upper(all[n].id);
            n++;
        }
    }
    printf("%.2f\n", mean(all, n));
    ⟪all[0].id = "g9"⟶strcpy(all[0].id, "g9")⟫;
    puts(all[0].id);
    ⟪retrun⟶return⟫ 0;
}
