program depot;

{$mode objfpc}

type
  TTank = class
    name: string;
    size, level: integer;
    constructor Create(aName: string; aSize: integer);
    function Fill(amount: integer): integer;
    function Percent: integer;
  end;

constructor TTank.Create(aName: string; aSize: integer);
begin
  name := aName;
  size := aSize;
  level := aSize div 2;
end;

function TTank.Fill(amount: integer): integer;
var
  room: integer;
begin
  room := size - level;
  if amount > room then
  begin
    level := size;
    Fill := amount - room;
  end
  else
  begin
    level := level + amount;
    Fill := 0;
  end;
end;

function TTank.Percent: integer;
begin
  Percent := 100 * level div size;
end;

var
  east, west: TTank;
  left: integer;
begin
  east := TTank.Create('east', 1000);
  west := TTank.Create('west', 400);
  left := east.Fill(900);
  left := west.Fill(left);
  writeln('left over: ', left);
  writeln(east.name, ' ', east.Percent, ' %');
  writeln(west.name, ' ', west.Percent, ' %');
end.
