import QtQuick

// Counts down to the next sailing.
Item {
    id: clock

    property int minutes: 12
    property int seconds: 0
    property bool gone: minutes === 0 && seconds === 0
    property string ferry: "Heron"

    signal sailing(string ferry)

    width: 200
    height: 60

    function two(number) {
        return number < 10 ? "0" + number : "" + number;
    }

    function tick() {
        if (clock.gone) {
            return;
        }
        if (clock.seconds === 0) {
            clock.minutes -= 1;
            clock.seconds = 59;
        } else {
            clock.seconds -= 1;
        }
        if (clock.gone) {
            clock.sailing(clock.ferry);
        }
    }

    Timer {
        id: timer
        interval: 1000
        repeat: true
        running: !clock.gone
        onTriggered: clock.tick()
    }

    Text {
        anchors.centerIn: parent
        text: clock.two(clock.minutes) + ":" + clock.two(clock.seconds)
        color: clock.minutes < 2 ? "#c03020" : "#202020"
        font.pixelSize: 32
    }

    Component.onCompleted: console.log("waiting for " + clock.ferry)
}
