import QtQuick

// The seats of a ferry: a click sells one.
Item {
    id: deck

    property int rows: 6
    property int places: 4
    property int sold: 0
    readonly property int left: rows * places - sold

    signal full()

    width: places * 34
    height: rows * 34 + 30

    function sell() {
        if (deck.left > 0) {
            deck.sold = deck.sold + 1;
        }
        if (deck.left === 0) {
            deck.full();
        }
    }

    Grid {
        id: plan
        columns: deck.places
        spacing: 4

        Repeater {
            model: deck.rows * deck.places

            Rectangle {
                id: seat
                required property int index
                property bool taken: false
                width: 30
                height: 30
                radius: 4
                color: taken ? "#c05040" : "#70b080"

                Text {
                    anchors.centerIn: parent
                    text: seat.index + 1
                    color: "white"
                }

                MouseArea {
                    anchors.fill: parent
                    enabled: !seat.taken
                    onClicked: {
                        seat.taken = true;
                        deck.sell();
                    }
                }
            }
        }
    }

    Text {
        anchors.bottom: parent.bottom
        text: deck.left + " seats left"
    }
}
