import QtQuick

Item {
    id: table

    property int zones: 3
    property real base: 2.5
    property real perZone: 1.25
    property bool child: false

    width: 240
    height: 30 * zones

    function fare(zone) {
        let price = table.base + table.perZone * zone;
        if (table.child) {
            price = price / 2;
        }
        return price;
    }

    function total() {
        let sum = 0;
        for (let zone = 1; zone <= table.zones; zone++) {
            sum += table.fare(zone);
        }
        return sum;
    }

    Column {
        anchors.fill: parent
        spacing: 2

        Repeater {
            model: table.zones

            Row {
                id: entry
                required property int index
                spacing: 20

                Text {
                    width: 100
                    text: "Zone " + (entry.index + 1)
                }

                Text {
                    text: table.fare(entry.index + 1).toFixed(2)
                    font.bold: true
                }
            }
        }
    }
}
