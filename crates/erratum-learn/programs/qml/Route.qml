import QtQuick

Item {
    id: route

    property var stops: ["North pier", "Mill island", "Old quay", "Lighthouse"]
    property int ferryAt: 1
    property real gap: 90
    property color line: "#3a6ea5"

    width: gap * stops.length
    height: 80

    function time(from, to) {
        let minutes = 0;
        for (let stop = from; stop < to; stop++) {
            minutes += stop % 2 === 0 ? 12 : 18;
        }
        return minutes;
    }

    function next() {
        if (route.ferryAt + 1 < route.stops.length) {
            route.ferryAt += 1;
        } else {
            route.ferryAt = 0;
        }
    }

    Rectangle {
        y: 20
        x: 10
        width: route.gap * (route.stops.length - 1)
        height: 4
        color: route.line
    }

    Repeater {
        model: route.stops.length

        Item {
            id: stop
            required property int index
            x: index * route.gap
            width: route.gap

            Rectangle {
                x: 4
                y: 14
                width: 16
                height: 16
                radius: 8
                color: stop.index === route.ferryAt ? "#e07040" : "white"
                border.color: route.line
                border.width: 3
            }

            Text {
                y: 38
                text: route.stops[stop.index]
                font.pixelSize: 11
            }

            Text {
                y: 54
                text: route.time(0, stop.index) + " min"
                font.pixelSize: 10
                opacity: 0.6
            }
        }
    }

    Timer {
        interval: 2000
        repeat: true
        running: route.visible
        onTriggered: route.next()
    }
}
