import QtQuick

Rectangle {
    id: ticket

    property string passenger: "Ines"
    property string from: "North pier"
    property string to: "Mill island"
    property int zone: 2
    property bool back: false
    property real price: back ? 9.0 : 5.0

    width: 280
    height: 130
    color: "#fff8e7"
    border.width: 1
    radius: 8

    Column {
        anchors.fill: parent
        anchors.margins: 12
        spacing: 4

        Text {
            text: ticket.passenger
            font.bold: true
            font.pixelSize: 18
        }

        Text {
            text: ticket.from + " to " + ticket.to
        }

        Text {
            text: ticket.back ? "There and back" : "One way"
            color: "#666666"
        }

        Text {
            text: "Zone " + ticket.zone + ", " + ticket.price.toFixed(2)
        }
    }

    Rectangle {
        anchors.right: parent.right
        anchors.bottom: parent.bottom
        anchors.margins: 10
        width: 40
        height: 24
        radius: 12
        color: ticket.back ? "#5080c0" : "#c0c0c0"

        MouseArea {
            anchors.fill: parent
            onClicked: ticket.back = !ticket.back
        }
    }
}
