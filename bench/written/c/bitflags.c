#include <stdio.h>
#include <stdint.h>

#define LIT 0x1u
#define OPEN 0x2u
#define LOCKED ⟪0x4u;⟶0x4u⟫

typedef ⟪uint8⟶uint8_t⟫ flags_t;

static flags_t set(flags_t f, unsigned bit) {
    return f | bit;
}

static int has(flags_t f, unsigned bit) {
    return (f & bit⟪⟶)⟫ != 0;
}

static void show(flags_t f) {
    printf("lit %d open %d locked %d\n", has(f, LIT), has(f, OPEN), has(f, LOCKED));
}

int main(void) {
    flags_t gate = 0;
    gate = set(gate, LIT);
    gate ⟪=|⟶|=⟫ OPEN;
    show(gate);
    int count ⟪:=⟶=⟫ 0;
    for (unsigned b = LIT; b <= LOCKED; b <<= 1) {
        if (has(gate, b)) ⟪⟶{⟫
            count++;
            printf("bit %u\n", b);
        }
    }
    printf("count %d\n", count);
    return 0;
}
