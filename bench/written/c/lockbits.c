#include <stdint.h>
#include <stdio.h>

#define GATE_OPEN 0x01
#define PUMP_ON 0x02
#define ALARM 0x04

typedef ⟪unsigned int8⟶unsigned char⟶uint8_t⟫ state_t;

union word {
    uint32_t all;
    uint8_t part[4];
};

struct lock {
    state_t state;
    int level : 10;
    void (*on_alarm)(int);
};

static int is_set(state_t s, state_t bit)
{
    return (s & bit) ⟪<> 0⟶!= 0⟫;
}

static void ring(int level)
{
    printf("alarm at %d\n", level);
}

static void fill(struct lock *l, int by)
{
    l->level += by;
    if (l->level > 200 && !is_set(l->state, ALARM)⟪ ⟶) ⟫{
        l->state |= ALARM;
        if (l->on_alarm)
            l->on_alarm(l->level);
    }
}

int main(void)
{
    struct lock lock = { 0 };
    lock.on_alarm = ring;
    ⟪lock->state⟶lock.state⟫ = GATE_OPEN | PUMP_ON;
    fill(&lock, 150);
    fill(&lock⟪ 80⟶, 80⟫);
    union word w;
    w.all = 0x01020304;
    int ⟪i := 0⟶i = 0⟫;
    do {
        printf("%d ", w.part[i]);
        i++;
    } while (i < 4)⟪⟶;⟫
    printf("%d\n", lock.level);
    return is_set(lock.state, ⟪Alarm⟶ALARM⟫);
}
