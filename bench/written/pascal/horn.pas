program horn;
⟪⟶
uses
  SysUtils;
⟫
var
  count, i: integer;
  line: string;

procedure blast(times: integer);
var
  n: integer;
begin
  for n := 1 to times do
    write('toot ');
  writeln;
end;

function describe(times: integer): string;
begin
  if times > 2 then
    describe := 'long ' + IntToStr(times)
  else
  begin
    describe := ⟪'short⟶'short'⟫;
  end;
end;

begin
  count := ⟪'3'⟶3⟫;
  i := 0;
  repeat
    blast(i);
    i := i + 1;
  until i > count;
  line := describe(count⟪⟶)⟫;
  writeln(line);
  while i > 0⟪⟶ do⟫
  begin
    i := i - 1;
  end;
end.
