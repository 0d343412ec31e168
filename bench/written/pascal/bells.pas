program bells;

uses SysUtils;

const
  limit = 8;

function strokes(hour: integer): integer;
begin
  if hour mod 4 = 0 then
    strokes := limit
  else
    strokes := (hour mod 4) * 2;
end;

procedure ring(count: integer);
var
  i: integer;
begin
  for i ⟪=⟶:=⟫ 1 to count do
  begin
    write('ding');
    if i mod 2 = 0 then write(' ');
  end;
  writeln;
end;

var
  hour: integer;
  line: string;
begin
  hour := 0;
  while hour < 24 do
  begin
    ring(strokes(hour)⟪⟶)⟫;
    hour := hour + 4;
  ⟪}⟶end;⟫
  line := 'last at ' + ⟪hour⟶IntToStr(hour)⟫;
  ⟪WriteLine⟶WriteLn⟫(line);
end.
