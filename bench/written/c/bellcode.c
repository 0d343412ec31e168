#include <stdio.h>
#include <stdbool.h>
#include <string.h>

typedef enum { SHORT, LONG } Stroke;

static bool same(const Stroke *a, const Stroke *b, int n) {
    for (int i = 0; i < n; ++i)
        if (a[i] != b[i]) return ⟪False⟶false⟫;
    return true;
}

static int strokes(const char *text, Stroke *out) {
    int n = 0;
    for (const char *p = text; *p; p++) {
        if (*p == '.') out[n++] = SHORT;
        else if (*p == '-⟪⟶'⟫) out[n++] = LONG;
    }
    return n;
}

int main(void) {
    Stroke call[8], answer[8];
    int n = strokes("..-", call);
    int m = strokes("..-"⟪ ⟶, ⟫answer);
    if (n == m ⟪and⟶&&⟫ same(call, answer, n)) {
        printf("match\n");
    } ⟪elseif⟶else if⟫ (n > m) {
        printf("longer\n");
    }
    float share = n / ⟪(float m)⟶(float) m⟫;
    printf("%f\n", share);
    return 0;
}
