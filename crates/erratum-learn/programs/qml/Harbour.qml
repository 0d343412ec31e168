import QtQuick

// The harbour from above: ferries move to the berth that is clicked.
Rectangle {
    id: harbour

    property int berths: 3
    property int current: 0
    property var names: ["Gull", "Heron", "Tern"]

    width: 480
    height: 260
    color: "#a8cfe8"

    function place(index) {
        return 40 + index * 150;
    }

    function move(index) {
        harbour.current = index;
        ferry.x = harbour.place(index);
    }

    Row {
        anchors.bottom: parent.bottom
        spacing: 30
        x: 40

        Repeater {
            model: harbour.berths

            Rectangle {
                id: quay
                required property int index
                width: 120
                height: 50
                color: index === harbour.current ? "#7a6a50" : "#9a8a70"

                Text {
                    anchors.centerIn: parent
                    text: harbour.names[quay.index]
                    color: "white"
                }

                MouseArea {
                    anchors.fill: parent
                    onClicked: harbour.move(quay.index)
                }
            }
        }
    }

    Rectangle {
        id: ferry
        x: harbour.place(0)
        y: 120
        width: 90
        height: 36
        radius: 18
        color: "#f4f4f4"
        border.color: "#304050"

        Behavior on x {
            NumberAnimation {
                duration: 600
            }
        }
    }
}
