program berths;

type
  TBerth = record
    number: integer;
    boat: string;
    length: integer;
  end;

var
  quay: array[1..3] of TBerth;
  i: integer;

function FirstFree(len: integer): integer;
var
  k: integer;
begin
  FirstFree := 0;
  for k := 1 to 3 do
    if (quay[k].boat ⟪== ⟶= ⟫'') and (quay[k].length >= len) then
    begin
      FirstFree := k;
      break;
    end;
end;

begin
  for i := 1 to 3 do
  begin
    quay[i].number := i;
    quay[i].boat := '';
    quay[i].length ⟪= ⟶:= ⟫10 * i;
  end;
  i := FirstFree(⟪'15'⟶15⟫);
  quay[i].boat := ⟪"Skua"⟶'Skua'⟫;
  writeln(quay[i].⟪Boot⟶boat⟫, ' lies at ', i);
end.
