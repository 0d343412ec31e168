module Main where

import Data.IORef

data Cloth = Canvas | Nylon | Dacron
  deriving (Eq, Show, ⟪Enumerable⟶Enum⟫, Bounded)

data Sail = Sail
  { cloth :: Cloth,
    area :: Double,
    patches :: [String]⟪,⟶⟫
  }

weight :: Cloth -> Double
weight Canvas = 0.6
weight Nylon = 0.1
weight Dacron = ⟪.3⟶0.3⟫

heavy :: Sail -> Bool
heavy s = area s * weight (cloth s) ⟪=>⟶>=⟫ 20

patch :: String -> Sail -> Sail
patch where' s = s { patches ⟪:= where' : patches s⟶= where' : patches s⟫ }

count :: [Sail] -> Cloth -> Int
count sails c = length ⟪filter (\s -> cloth s == c) sails⟶(filter (\s -> cloth s == c) sails)⟶$ filter (\s -> cloth s == c) sails⟫

table :: [Sail] -> [(Cloth, Int)]
table sails = [(c, count sails c) | c <- [minBound ..]]

main :: IO ()
main = do
  total <- newIORef ⟪0.0 :: Double⟶(0.0 :: Double)⟫
  let sails = [Sail Canvas 40 [], patch "luff" ⟪Sail Nylon 12 []⟶(Sail Nylon 12 [])⟫]
  mapM_ (\s -> modifyIORef total (+ area s)) sails
  t ⟪=⟶<-⟫ readIORef total
  putStrLn ("area " ++ show t)
  print (table sails)
  if any heavy sails
    then putStrLn "use the crane"
    ⟪⟶else return ()⟶else pure ()⟫
