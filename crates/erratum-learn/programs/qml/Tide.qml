import QtQuick

// A bar that shows how high the water stands.
Rectangle {
    id: tide

    property real level: 2.0
    property real lowest: 0.4
    property real highest: 5.2
    readonly property real share: (level - lowest) / (highest - lowest)
    property bool rising: true

    width: 60
    height: 200
    color: "#eef4f8"
    border.color: "#335577"

    function step(change) {
        let next = tide.level + change;
        if (next > tide.highest) {
            next = tide.highest;
            tide.rising = false;
        }
        if (next < tide.lowest) {
            next = tide.lowest;
            tide.rising = true;
        }
        tide.level = next;
    }

    Rectangle {
        anchors.bottom: parent.bottom
        anchors.left: parent.left
        anchors.right: parent.right
        height: parent.height * tide.share
        color: "#6fa8dc"
    }

    Text {
        anchors.centerIn: parent
        text: tide.level.toFixed(1) + " m"
        font.pixelSize: 12
    }

    Timer {
        interval: 500
        running: true
        repeat: true
        onTriggered: tide.step(tide.rising ? 0.1 : -0.1)
    }
}
