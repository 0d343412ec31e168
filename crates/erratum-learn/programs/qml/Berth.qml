import QtQuick

// One berth of the harbour, with the ferry that lies there.
Rectangle {
    id: berth

    property int number: 1
    property string ferry: ""
    property bool free: ferry === ""
    property real depth: 4.5

    signal chosen(int number)

    width: 160
    height: 90
    color: free ? "#d8efe0" : "#f2d9c8"
    border.color: "#446655"
    border.width: 2
    radius: 6

    function describe() {
        if (berth.free) {
            return "Berth " + berth.number + " is free";
        }
        return berth.ferry + " lies at berth " + berth.number;
    }

    Text {
        id: title
        anchors.top: parent.top
        anchors.left: parent.left
        anchors.margins: 8
        text: berth.describe()
        font.pixelSize: 14
    }

    Text {
        anchors.bottom: parent.bottom
        anchors.right: parent.right
        anchors.margins: 8
        text: berth.depth + " m"
        opacity: 0.7
    }

    MouseArea {
        anchors.fill: parent
        onClicked: berth.chosen(berth.number)
    }
}
