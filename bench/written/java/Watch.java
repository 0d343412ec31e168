import java.util.List;

interface Sensor {
    double read();
    String name();
}

class Gauge implements Sensor {⟪⟶
    public String name() { return "gauge"; }
⟫
    private double value;

    Gauge(double value) { this.value = value; }

    public double read() { return value; }
}

class Vane implements Sensor {
    public double read() { return 12.0; }

    ⟪⟶public ⟫String name() { return "vane"; }
}

public class Watch {
    static String report(List<Sensor> sensors) {
        StringBuilder text = new StringBuilder();
        for (Sensor sensor : sensors) {
            text.append(sensor.name()).append(' ').append(sensor.read()).append('\n')⟪⟶;⟫
        }
        return text⟪⟶.toString()⟫;
    }

    public static void main(String[] args) {
        List<Sensor> sensors = List.of(new Gauge(3.4), new Vane()⟪⟶)⟫;
        System.out.print(report(sensors));
    }
}
