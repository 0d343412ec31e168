import java.util.*;
import java.util.⟪functions⟶function⟫.Predicate;
import java.util.stream.Collectors;

public class Harbourradio {
    enum Level { ROUTINE, URGENT, DISTRESS }

    record Call(String from, int channel, Level level⟪;⟶⟫) {
        boolean emergency() {
            return level == Level.DISTRESS;
        }
    }

    private final Map<Integer, List<Call>> byChannel = new ⟪Map⟶HashMap⟶TreeMap⟫<>();
    private final Deque<Call> recent = new ArrayDeque<>();

    void receive(Call call) ⟪throw⟶throws⟫ IllegalStateException {
        if (call.channel() < 1) {
            throw new IllegalStateException("channel " ⟪.⟶+⟫ call.channel());
        }
        byChannel.computeIfAbsent(call.channel(), c -> new ArrayList<>()).add(call);
        recent.push(call);
        if (recent.size() > 3) recent.⟪removelast⟶removeLast⟫();
    }

    List<Call> matching(Predicate<Call> test) {
        return byChannel.values().stream()
            .flatMap(⟪list⟶List::stream⟶list -> list.stream()⟫)
            .filter(test)
            .collect(Collectors.toList()⟪⟶)⟫;
    }

    Optional<Call> firstUrgent() {
        for (Call call ⟪in⟶:⟫ recent) {
            if (call.level() == ⟪URGENT⟶Level.URGENT⟫) {
                return ⟪call⟶Optional.of(call)⟫;
            }
        }
        return Optional.empty()⟪⟶;⟫
    }

    static String describe(Call call) {
        return switch (call.level()) {
            case ROUTINE -> "routine";
            case URGENT ⟪=>⟶->⟫ "urgent";
            ⟪⟶case DISTRESS -> "distress";⟶default -> "distress";⟫
        };
    }

    public static void main(String[] args) {
        Harbourradio radio = new Harbourradio();
        radio.receive(new Call("Tern", 16, Level.DISTRESS));
        radio.receive(⟪Call⟶new Call⟫("Gull", 9, Level.ROUTINE));
        radio.receive(new Call("Knot", ⟪"9"⟶9⟫, Level.URGENT));
        for (Call call : radio.matching(⟪c => c.emergency()⟶c -> c.emergency()⟶Call::emergency⟫)) {
            System.out.println(call.from() + ": " + describe(call));
        }
        Optional<Call> urgent = radio.firstUrgent();
        if (urgent.⟪isPresent⟶isPresent()⟫) {
            System.out.println(urgent.⟪get.from()⟶get().from()⟫);
        }
        int total = 0;
        for (List<Call> calls : radio.byChannel⟪⟶.values()⟫) {
            total += calls.⟪length⟶size()⟫;
        }
        ⟪String⟶int⟫ mean = total / radio.byChannel.size();
        System.out.println(mean);
    }
}
