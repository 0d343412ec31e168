import QtQuick

// The departures board.
Rectangle {
    id: board

    property string pier: "North pier"
    property int rows: 4
    property var sailings: ["08:15 Gull", "09:00 Heron", "10:30 Tern", "12:00 Gull"]

    width: 320
    height: 40 * rows + 50
    color: "#203040"

    function line(index) {
        if (index < sailings.length) {
            return sailings[index];
        }
        return "";
    }

    Text {
        id: heading
        anchors.top: parent.top
        anchors.horizontalCenter: parent.horizontalCenter
        anchors.topMargin: 10
        text: "Sailings from " + board.pier
        color: "white"
        font.bold: true
        font.pixelSize: 18
    }

    Column {
        anchors.top: heading.bottom
        anchors.left: parent.left
        anchors.margins: 12
        spacing: 6

        Repeater {
            model: board.rows

            Text {
                required property int index
                text: board.line(index)
                color: "#ffe08a"
                font.pixelSize: 16
            }
        }
    }
}
