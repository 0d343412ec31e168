#include <stdio.h>
#include <string.h>
#include <ctype.h>

enum wind { CALM, BREEZE, GALE⟪;⟶⟫ };

typedef struct entry {
    int day;
    enum wind wind;
    char note[40];
} Entry;

const char *wind_name(enum wind w)
{
    switch ⟪w⟶(w)⟫ {
    case CALM:
        return "calm";
    case BREEZE:
        return "breeze";
    ⟪else⟶default⟫:
        return "gale";
    }
}

int read_entry(FILE *in, Entry *e)
{
    char line[80];
    if (fgets(line, sizeof line, in) == ⟪null⟶NULL⟫)
        return 0;
    int kind;
    if (sscanf(line, "%d %d %39s", &e->day, &kind, e->note) != 3)
        return 0;
    e->wind = (enum wind) kind;
    return 1;
}

void shout(char *text)
{
    for (⟪size_t i = 0, i < strlen(text), i++⟶size_t i = 0; i < strlen(text); i++⟫) {
        text[i] = toupper((unsigned char) text[i]);
    }
}

int count_gales(Entry ⟪[] log⟶log[]⟶*log⟫, int n)
{
    int gales = 0;
    for (int i = 0; i < n; i++) {
        if (log[i]⟪->⟶.⟫wind == GALE) {
            gales++;
        }
    }
    return gales;
}

int main(void)
{
    Entry log[30];
    int n = 0;
    FILE *in = fopen("log.txt", "r");
    if (⟪in = = NULL⟶in == NULL⟫) {
        perror("log.txt");
        return 1;
    }
    while (n < 30 && read_entry(in, &log[n])) {
        n++;
    }
    fclose(in);
    for (int i = 0; i < n; i++) {
        shout(log[i].note);
        printf("day %d: %s, %s\n", log[i].day, wind_name(log[i].wind), log[i].note);
    }
    int gales = ⟪count_gales(log)⟶count_gales(log, n)⟫;
    if (gales > 3 ⟪and⟶&&⟫ n > 10) {
        printf("%d gales\n", gales);
    }
    return 0;
⟪⟶}⟫
