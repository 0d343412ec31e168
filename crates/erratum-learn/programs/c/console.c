#include <stdio.h>
#include <ctype.h>
#include <stdbool.h>

/* A small console for the ticket desk. */

void show_help(void);
bool sell(int *left, int wanted);
int read_number(const char *text);

int main() {
	int left = 120;
	int sold = 0;
	char command;
	const char *script = "s3 s40 x s100 h s7 q";
	const char *p = script;

	while (*p != '\0') {
		command = tolower(*p);
		switch (command) {
		case 's':
			if (sell(&left, read_number(p + 1)))
				sold++;
			else
				puts("Not enough seats.");
			break;
		case 'h':
			show_help();
			break;
		case 'q':
			printf("%d sales, %d seats left\n", sold, left);
			return 0;
		case ' ':
			break;
		default:
			if (!isdigit(command))
				printf("What is '%c'?\n", command);
			break;
		}
		p++;
	}
	return 1;
}

void show_help(void) {
	puts("s  sell seats");
	puts("h  this help");
	puts("q  quit");
}

bool sell(int *left, int wanted) {
	if (wanted <= 0 || wanted > *left) {
		return false;
	}
	*left -= wanted;
	return true;
}

int read_number(const char *text) {
	int value = 0;
	while (isdigit(*text)) {
		value = value * 10 + (*text - '0');
		text++;
	}
	return value;
}
