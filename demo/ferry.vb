' The timetable of the harbour ferry.
Imports System

Class Sailing
    Public Hour As Integer
    Public Seats As Integer
    Public Fare As Double
End Class

Module Ferry
    Function Takings(day() As Sailing) As Double
        Dim total As Double = 0
        For Each one As Sailing In day
            total += one.Seats * one.Fare
        Next
        Return totl
    End Function

    Function Latest(day() As Sailing) As Integer
        Dim hour As Integer = 0
        For Each one As Sailing In day
            If one.Hour > hour Then
                hour = one.Huor
        Next
        Return hour
    End Function

    Sub Main()
        Dim day(1) As Sailing
        day(0) = New Sailing With {.Hour = 7, .Seats = 40, .Fare = 3.5}
        day(1) = New Sailing With {.Hour = 18, .Seats = 44, .Fare = 4}
        Console.WriteLine("Takings: " & Takings(day))
        Console.WriteLine("Last sailing: " & Latest(day))
    End Sub
End Module
