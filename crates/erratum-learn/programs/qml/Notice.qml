import QtQuick

Item {
    id: notice

    property string message: "The tide is low: no sailings before 9."
    property bool urgent: false
    property int shown: 0

    signal closed()

    width: 360
    height: body.implicitHeight + 24
    visible: message !== ""

    function show(text, important) {
        notice.message = text;
        notice.urgent = important;
        notice.shown += 1;
        fade.restart();
    }

    Rectangle {
        anchors.fill: parent
        color: notice.urgent ? "#f8d0c8" : "#e4ecf4"
        border.color: notice.urgent ? "#b03020" : "#8090a0"
        radius: 5
    }

    Text {
        id: body
        anchors.left: parent.left
        anchors.right: close.left
        anchors.verticalCenter: parent.verticalCenter
        anchors.margins: 10
        text: notice.message
        wrapMode: Text.WordWrap
    }

    Text {
        id: close
        anchors.right: parent.right
        anchors.verticalCenter: parent.verticalCenter
        anchors.rightMargin: 10
        text: "close"
        font.underline: true

        MouseArea {
            anchors.fill: parent
            onClicked: {
                notice.message = "";
                notice.closed();
            }
        }
    }

    NumberAnimation {
        id: fade
        target: notice
        property: "opacity"
        from: 0
        to: 1
        duration: 300
    }
}
