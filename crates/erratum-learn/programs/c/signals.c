#include <stdio.h>
#include <stdint.h>
#include <string.h>

/* Flags of a signal mast, one bit each. */
#define FLAG_FOG    0x01
#define FLAG_GALE   0x02
#define FLAG_CLOSED 0x04

static uint8_t mast = 0;

static void raise_flag(uint8_t flag)
{
    mast |= flag;
}

static void lower_flag(uint8_t flag)
{
    mast &= ~flag;
}

static int is_up(uint8_t flag)
{
    return (mast & flag) != 0;
}

static int parse_line(const char *line, char *word, int *value)
{
    return sscanf(line, "%15s %d", word, value) == 2;
}

static void obey(const char *line)
{
    char word[16];
    int value;

    if (!parse_line(line, word, &value)) {
        printf("cannot read: %s\n", line);
        return;
    }
    if (strcmp(word, "wind") == 0) {
        if (value > 8) {
            raise_flag(FLAG_GALE);
        } else {
            lower_flag(FLAG_GALE);
        }
    } else if (strcmp(word, "sight") == 0) {
        if (value < 500) {
            raise_flag(FLAG_FOG);
        } else {
            lower_flag(FLAG_FOG);
        }
    } else {
        printf("no such word: %s\n", word);
    }
    if (is_up(FLAG_FOG) && is_up(FLAG_GALE)) {
        raise_flag(FLAG_CLOSED);
    }
}

int main(void)
{
    const char *log[] = {"wind 5", "sight 300", "swell", "wind 9", "tide 2"};
    size_t i;
    int raised = 0;

    for (i = 0; i < sizeof(log) / sizeof(log[0]); i++) {
        obey(log[i]);
    }
    for (int bit = 0; bit < 8; bit++) {
        if (mast & (1 << bit)) {
            raised++;
        }
    }
    printf("%d flags are up, the harbour is %s\n", raised, is_up(FLAG_CLOSED) ? "closed" : "open");
    return 0;
}
