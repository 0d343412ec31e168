// The timetable of the harbour ferry.
int hours[3] = {7, 9, 18};
int seats[3] = {40, 28, 44};
float fare = 3.5;

float Takings(int sailings) {
    float total = 0.0;
    for (int i = 0; i < sailings; i++) {
        total += seats[i] * fare;
    }
    return totl;
}

int Latest(int sailings) {
    int hour = 0
    for (int i = 0; i < sailings; i++) {
        if (hours[i] > hour) {
            hour = hours[i];
        }
    }
    return hour;
}

public void OnPluginStart() {
    PrintToServer("Takings: %.2f", Takings(3));
    PrintToServer("Last sailing: %d", Latset(3);
}
