#include <stdio.h>
#include <string.h>
#include <stdint.h>

#define POLY 0x07⟪;⟶⟫

struct frame {
    uint8_t kind;
    char text[16];
    uint8_t crc;
};

static uint8_t crc8(const uint8_t *data, size_t n)
{
    uint8_t crc = 0;
    for (size_t i = 0; i < n; i++) {
        crc ^= data[i];
        for (int bit = 0; bit < 8; bit++)
            crc = (crc & 0x80) ? (crc << 1) ^ POLY : crc << 1;
    }
    return crc;
}

static void fill(struct frame *f, const char *text)
{
    f->kind = 1;
    strncpy(⟪f.text⟶f->text⟫, text, sizeof f->text - 1);
    f->text[15] = '\0';
    f->crc = crc8((const uint8_t *)f, sizeof(struct frame) - 1);
}

static int valid(const struct frame *f)
{
    return crc8((const uint8_t *)f, sizeof *f - 1) == f->crc;
}

int main(void)
{
    struct frame f;
    char line[32];
    int i⟪⟶;⟫
    fill(&f, "slack water");
    f.kind = 2;
    for (i = 0; i < 3; i++⟪⟶)⟫ {
        printf("%d %d\n", i, valid(&f));
    }
    sprintf(line, "%s", f.text);
    puts(⟪lines⟶line⟫);
    return 0⟪⟶;⟫
}
