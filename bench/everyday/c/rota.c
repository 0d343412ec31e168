#include <stdio.h>
#include <string.h>
#include <ctype.h>

#define CREW 4

typedef struct {
    char name[16];
    int hours[7];
} Hand;

static int total(const Hand *hand)
{
    int sum = 0;
    for (int day = 0; day < 7; day++) {
        sum += hand->hours[day];
    }
    return sum;
}

static void shout(char *text)
{
    while (*text != '\0') {
        *text = toupper(*text);
        text++;
    }
}

static const Hand *busiest(const Hand hands[], int n)
{
    const Hand *best = &hands[0];
    for (int i = 1; i < n; i++) {
        if (total(&hands[i]) > total(best)) {
            best = &hands[i];
        }
    }
    return best;
}

static int set(Hand *hand, int day, int hours)
{
    if (day < 0 || day > 6) {
        return -1;
    }
    hand->hours[day] = hours;
    return 0;
}

int main(void)
{
    Hand hands[CREW] = {{"Ro", {6, 8}}, {"Una", {7}}};
    char title[] = "rota";
    shout(title);
    if (set(&hands[1], 3, 9) != 0) {
        puts("no such day");
    }
    const Hand *best = busiest(hands, 2);
    printf("%s %s %d\n", title, best->name, total(best));
    double mean = total(best) / 7.0;
    printf("%.1f %zu\n", mean, strlen(best->name));
    return 0;
}
