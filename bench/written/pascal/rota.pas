program rota;

uses
  SysUtils;

type
  TShift = record
    who: string;
    hours: integer;
  end;
  TRota = array[1..3] of TShift;

procedure Add(var r: TRota; at: integer; who: string; hours: integer);
begin
  r[at].who := who;
  r[at].hours := hours;
end;

function HoursOf(r: TRota; who: string): integer;
var
  i, sum: integer;
begin
  sum := 0;
  for i := 1 to 3⟪⟶ do⟫
    if r[i].who = who then
      sum := sum + r[i].hours;
  ⟪return sum⟶HoursOf := sum⟫;
end;

var
  list: TRota;
begin
  Add(list, 1, 'Ines', 8);
  Add(list, 2, 'Olaf', 10⟪⟶)⟫;
  Add(list, 3, 'Ines', 6);
  writeln('Ines ' + ⟪HoursOf(list, 'Ines')⟶IntToStr(HoursOf(list, 'Ines'))⟫);
end.
