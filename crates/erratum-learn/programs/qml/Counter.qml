import QtQuick

// Two buttons that count passengers, with a limit.
Row {
    id: counter

    property int count: 0
    property int limit: 40
    property string label: "passengers"
    readonly property bool atLimit: count >= limit

    spacing: 12

    component Key: Rectangle {
        id: key
        property string mark: "+"
        signal pressed()
        width: 36
        height: 36
        radius: 18
        color: area.pressed ? "#b0c4d8" : "#d0dce8"

        Text {
            anchors.centerIn: parent
            text: key.mark
            font.pixelSize: 20
        }

        MouseArea {
            id: area
            anchors.fill: parent
            onClicked: key.pressed()
        }
    }

    function change(by) {
        const next = counter.count + by;
        if (next < 0 || next > counter.limit) {
            return false;
        }
        counter.count = next;
        return true;
    }

    Key {
        mark: "-"
        onPressed: counter.change(-1)
    }

    Text {
        width: 140
        text: counter.count + " " + counter.label
        color: counter.atLimit ? "#b03020" : "black"
        horizontalAlignment: Text.AlignHCenter
    }

    Key {
        mark: "+"
        onPressed: counter.change(1)
    }
}
