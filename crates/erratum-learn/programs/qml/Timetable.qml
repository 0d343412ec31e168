import QtQuick

// A list of sailings that can be narrowed to one pier.
Rectangle {
    id: timetable

    property string pier: "all"
    property int chosen: -1
    property var sailings: [
        { time: "07:40", pier: "north", ferry: "Gull" },
        { time: "08:10", pier: "south", ferry: "Tern" },
        { time: "09:25", pier: "north", ferry: "Heron" }
    ]

    width: 300
    height: 220
    color: "white"

    function matches(name) {
        return timetable.pier === "all" || timetable.pier === name;
    }

    ListView {
        id: list
        anchors.fill: parent
        anchors.margins: 10
        model: timetable.sailings
        clip: true
        spacing: 4

        delegate: Rectangle {
            id: row
            required property int index
            required property var modelData
            width: list.width
            height: timetable.matches(row.modelData.pier) ? 32 : 0
            visible: height > 0
            color: row.index === timetable.chosen ? "#dde8ff" : "#f6f6f6"

            Text {
                anchors.verticalCenter: parent.verticalCenter
                x: 8
                text: row.modelData.time + "  " + row.modelData.ferry
            }

            MouseArea {
                anchors.fill: parent
                onClicked: timetable.chosen = row.index
            }
        }
    }
}
